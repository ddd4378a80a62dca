<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** One thing that is wrong with a document: where (RFC 6901 JSON pointer) and what was expected there. */
final readonly class Problem implements \Stringable
{
    public function __construct(
        public string $pointer,
        public string $message,
        private ?string $sentence = null,
    ) {
    }

    /** The same, told to people by this sentence. */
    public function toldAs(string $sentence): self
    {
        return new self($this->pointer, $this->message, $sentence);
    }

    /** For people: which part and which field, as they are called, and what was expected. */
    public function sentence(): string
    {
        return ($this->sentence ?? $this->message).'.';
    }

    /** The form the command line prints: `pointer: message`; the whole document is `/`. */
    public function __toString(): string
    {
        return ($this->pointer === '' ? '/' : $this->pointer).': '.$this->message;
    }
}
