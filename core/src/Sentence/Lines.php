<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** Bytes as they come, cut into lines. A line without end is given away in part, so that nobody's flood is kept. */
final class Lines
{
    /** Bytes of a line that are kept: enough to see that it is no sentence. */
    private const MOST = 256;

    private string $open = '';

    private bool $isCut = false;

    /** @return list<string> lines that are whole now, empty ones too; of one that is too long its beginning */
    public function take(string $bytes): array
    {
        $pieces = explode("\n", $bytes);
        $last = array_pop($pieces);
        $lines = [];
        foreach ($pieces as $piece) {
            $this->extend($piece);
            $lines[] = rtrim($this->open, "\r");
            [$this->open, $this->isCut] = ['', false];
        }
        $this->extend($last);

        return $lines;
    }

    /** What came without an end, when nothing more will come. */
    public function rest(): ?string
    {
        [$rest, $this->open, $this->isCut] = [$this->open, '', false];

        return $rest === '' ? null : $rest;
    }

    private function extend(string $piece): void
    {
        if ($this->isCut) {
            return;
        }
        $this->isCut = strlen($this->open) + strlen($piece) > self::MOST;
        $this->open = substr($this->open.$piece, 0, self::MOST);
    }
}
