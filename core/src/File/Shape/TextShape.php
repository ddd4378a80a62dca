<?php

declare(strict_types=1);

namespace Dinghy\File\Shape;

/** A string, at most so many characters long and, where a pattern is given, of that form. */
final readonly class TextShape extends LeafShape
{
    /** @param  string|null  $pattern an ECMA-262 pattern without delimiters that PCRE reads the same way */
    public function __construct(
        public int $most = 200,
        private ?string $pattern = null,
        private string $expected = 'text',
        private int $least = 0,
    ) {
    }

    public static function id(): self
    {
        return new self(40, '^[A-Za-z0-9][A-Za-z0-9_.-]*$', 'an id of letters, digits, "-", "_" and "."', 1);
    }

    public function read(mixed $raw, string $pointer, Problems $problems): ?string
    {
        if (is_string($raw)
            && mb_strlen($raw) >= $this->least
            && mb_strlen($raw) <= $this->most
            && ($this->pattern === null || preg_match('/'.$this->pattern.'/D', $raw) === 1)) {
            return $raw;
        }
        $problems->add(
            $pointer,
            "expected {$this->expected} of at most {$this->most} characters, found ".Found::describe($raw),
        );

        return null;
    }

    public function schema(): array
    {
        $schema = ['type' => 'string', 'maxLength' => $this->most];
        if ($this->least > 0) {
            $schema['minLength'] = $this->least;
        }
        if ($this->pattern !== null) {
            $schema['pattern'] = $this->pattern;
        }

        return $schema;
    }
}
