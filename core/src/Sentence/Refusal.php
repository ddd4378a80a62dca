<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** Why a line is not taken for a sentence. */
enum Refusal: string
{
    case TooLong = 'too-long';
    case NotText = 'not-text';
    case NoSentence = 'no-sentence';
    case NoChecksum = 'no-checksum';
    case WrongChecksum = 'wrong-checksum';

    public function label(): string
    {
        return match ($this) {
            self::TooLong => 'longer than '.Sentence::LONGEST.' signs',
            self::NotText => 'not text: another speed, or another language',
            self::NoSentence => 'no sentence',
            self::NoChecksum => 'without a checksum',
            self::WrongChecksum => 'its checksum is wrong',
        };
    }
}
