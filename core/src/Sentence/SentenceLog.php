<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** A file of sentences, read as it streams by: its size costs no memory. */
final readonly class SentenceLog
{
    /** bytes at a time */
    private const PIECE = 65536;

    /** Refused lines that are listed; the rest are counted. */
    private const LISTED = 200;

    /** signs of a refused line that are shown */
    private const SHOWN = 80;

    /**
     * @param  int  $lines  empty ones too
     * @param  int  $sentences  sound ones
     * @param  array<string, int>  $kinds  sentences by kind, as "DBT"
     * @param  int  $refused  lines that are no sound sentence
     * @param  list<array{line: int, why: string, text: string}>  $listed  the first of them
     * @param  array<string, array{least: float, most: float, last: float}>  $values  by Measured's value
     */
    private function __construct(
        public int $lines,
        public int $sentences,
        public array $kinds,
        public int $refused,
        public array $listed,
        public array $values,
    ) {
    }

    /**
     * @param  resource  $stream
     * @param  int  $after  lines that came before, where it is a piece of one
     */
    public static function of($stream, int $after = 0): self
    {
        [$lines, $number, $sentences, $refused, $kinds, $listed, $values] = [new Lines, $after, 0, 0, [], [], new Ranges];
        for ($ended = false; ! $ended;) {
            $piece = fread($stream, self::PIECE);
            $ended = $piece === false || ($piece === '' && feof($stream));
            foreach ($ended ? array_filter([$lines->rest()], is_string(...)) : $lines->take((string) $piece) as $line) {
                $number++;
                if (trim($line) === '') {
                    continue;
                }
                try {
                    $sentence = Sentence::read($line);
                } catch (SentenceRefused $why) {
                    $refused++;
                    count($listed) < self::LISTED && $listed[] = ['line' => $number, 'why' => $why->getMessage(), 'text' => self::shown($line)];

                    continue;
                }
                $sentences++;
                $kinds[$sentence->type] = ($kinds[$sentence->type] ?? 0) + 1;
                $values->take(Values::of($sentence));
            }
        }
        arsort($kinds);

        return new self($number - $after, $sentences, $kinds, $refused, $listed, $values->all());
    }

    private static function shown(string $line): string
    {
        return (string) preg_replace('/[^\x20-\x7e]/', '·', substr($line, 0, self::SHOWN));
    }
}
