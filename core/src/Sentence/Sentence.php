<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/**
 * A sentence of a serial instrument network: a dollar or an exclamation mark, who talks and of what, fields, and a checksum
 * [pub NMEA 0183, mem].
 */
final readonly class Sentence
{
    /** signs of a whole sentence, its line end counted */
    public const LONGEST = 82;

    private const FORM = '/^[$!](?<talker>P|[A-Z]{2})(?<type>[A-Z0-9]{3}),(?<fields>[^*]*)\*(?<sum>[0-9A-Fa-f]{2})$/';

    /**
     * @param  string  $talker  two letters, as "SD" for a sounder; "P": its maker's own
     * @param  string  $type  three letters, as "DBT"
     * @param  list<string>  $fields
     */
    private function __construct(
        public string $talker,
        public string $type,
        public array $fields,
    ) {
    }

    /**
     * @param  string  $line  without its line end
     *
     * @throws SentenceRefused
     */
    public static function read(string $line): self
    {
        $line = trim($line);
        if (strlen($line) + 2 > self::LONGEST) {
            throw SentenceRefused::because(Refusal::TooLong);
        }
        if (preg_match('/[^\x20-\x7e]/', $line) === 1) {
            throw SentenceRefused::because(Refusal::NotText);
        }
        if (preg_match(self::FORM, $line, $found) !== 1) {
            throw SentenceRefused::because(preg_match('/\*[0-9A-Fa-f]{2}$/', $line) === 1 || preg_match('/^[$!]/', $line) !== 1 ? Refusal::NoSentence : Refusal::NoChecksum);
        }
        if (Checksum::of(substr($line, 1, -3)) !== strtoupper($found['sum'])) {
            throw SentenceRefused::because(Refusal::WrongChecksum);
        }

        return new self($found['talker'], $found['type'], explode(',', $found['fields']));
    }

    /** A field as a number; null: it is empty, or none. */
    public function number(int $field): ?float
    {
        $text = $this->fields[$field] ?? '';

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }

    public function text(int $field): string
    {
        return $this->fields[$field] ?? '';
    }
}
