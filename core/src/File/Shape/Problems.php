<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** Collects problems while a document is read, so that one refusal can name them all. */
final class Problems
{
    /** More than this many are not worth listing: the reader of the message mends the first ones first. */
    private const LISTED = 50;

    /** @var list<Problem> */
    private array $found = [];

    public function add(string $pointer, string $message): void
    {
        if (count($this->found) < self::LISTED) {
            $this->found[] = new Problem($pointer, $message);
        }
    }

    public function none(): bool
    {
        return $this->found === [];
    }

    /** @return list<Problem> */
    public function all(): array
    {
        return $this->found;
    }
}
