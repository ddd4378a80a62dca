<?php

declare(strict_types=1);

namespace Dinghy\Sentence;

/** Instruments listened to: who talks, how often, what they say, and what is wrong with it. Keeps a minute, whatever comes. */
final class Watch
{
    /** s without a sound sentence after which an instrument is silent */
    public const SILENT = 5.0;

    /** s that a depth may stand still while it is told */
    public const FROZEN = 20.0;

    /** times that it was told in that while, at least */
    private const TOLD = 10;

    /** Kinds of sentences and talkers that are told apart; what comes beyond is counted only. */
    private const MOST = 64;

    private Lines $lines;

    private Minute $minute;

    private ?float $last = null;

    private int $sentences = 0;

    /** @var array<string, int> by Refusal's value */
    private array $refused = [];

    /** @var array<string, array<string, float>> when it was heard last, by sentence and talker */
    private array $talkers = [];

    /** @var array<string, array{value: float, at: float, since: float, told: int}> by Measured's value */
    private array $values = [];

    public function __construct(private readonly float $since)
    {
        [$this->lines, $this->minute] = [new Lines, new Minute];
    }

    /** @param  float  $now  s of the clock */
    public function hear(string $bytes, float $now): void
    {
        foreach (array_filter($this->lines->take($bytes), static fn (string $line): bool => $line !== '') as $line) {
            try {
                $this->take(Sentence::read($line), $now);
            } catch (SentenceRefused $refused) {
                $this->refused[$refused->refusal->value] = ($this->refused[$refused->refusal->value] ?? 0) + 1;
                $this->minute->refused((int) $now);
            }
        }
    }

    /** As it is told on: ages and lengths in s, values in SI. */
    public function heard(float $now): Heard
    {
        return new Heard(
            sentences: $this->sentences,
            perSecond: $this->perSecond($now),
            age: $this->last === null ? null : $now - $this->last,
            refused: $this->refused,
            values: array_map(static fn (array $one): array => ['value' => $one['value'], 'age_s' => $now - $one['at']], $this->values),
            faults: $this->faults($now),
            minute: [
                'seconds' => $this->minute->length((int) $now),
                'sentences' => $this->minute->count((int) $now),
                'refused' => $this->minute->countRefused((int) $now),
                'values' => $this->minute->values((int) $now),
            ],
        );
    }

    private function take(Sentence $sentence, float $now): void
    {
        $this->sentences++;
        $this->last = $now;
        if (isset($this->talkers[$sentence->type]) || count($this->talkers) < self::MOST) {
            $this->talkers[$sentence->type][$sentence->talker] = $now;
            $this->talkers[$sentence->type] = array_slice($this->talkers[$sentence->type], -self::MOST, null, true);
        }
        $values = Values::of($sentence);
        foreach ($values as $what => $value) {
            $known = $this->values[$what] ?? null;
            $stands = $known !== null && $known['value'] === $value;
            $this->values[$what] = ['value' => $value, 'at' => $now, 'since' => $stands ? $known['since'] : $now, 'told' => $stands ? $known['told'] + 1 : 1];
        }
        $this->minute->heard((int) $now, $values);
    }

    /** Over ten seconds, or as long as there was anything to hear. */
    private function perSecond(float $now): float
    {
        $seconds = min(10, max(1, (int) $now - (int) $this->since));

        return $this->minute->countBefore((int) $now, $seconds) / $seconds;
    }

    /** @return list<array{kind: string, says: string}> */
    private function faults(float $now): array
    {
        $faults = [];
        $silence = $now - ($this->last ?? $this->since);
        if ($silence >= self::SILENT) {
            $faults[] = ['kind' => 'silence', 'says' => sprintf('Nothing has been heard for %d s.', (int) $silence)];
        }
        foreach ($this->talkers as $type => $talkers) {
            $lately = array_keys(array_filter($talkers, static fn (float $at): bool => $now - $at < 10));
            if (count($lately) > 1) {
                $faults[] = ['kind' => 'two-talkers', 'says' => "Two instruments talk of the same: {$type} comes from ".implode(' and from ', $lately).'. On one line only one may talk.'];
            }
        }
        $wrong = $this->refused[Refusal::WrongChecksum->value] ?? 0;
        if ($wrong > 0) {
            $faults[] = ['kind' => 'checksum', 'says' => sprintf('%d of %d sentences came with a wrong checksum: a loose pin, two talkers on one line, or another speed.', $wrong, $wrong + $this->sentences)];
        }
        $depth = $this->values[Measured::Depth->value] ?? null;
        if ($depth !== null && $depth['told'] >= self::TOLD && $depth['at'] - $depth['since'] >= self::FROZEN) {
            $faults[] = ['kind' => 'frozen', 'says' => sprintf('The depth has stood at %.1f m for %d s: it is frozen, or the boat stands still over a floor.', $depth['value'], (int) ($depth['at'] - $depth['since']))];
        }

        return $faults;
    }
}
