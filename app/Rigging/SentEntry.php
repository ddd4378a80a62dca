<?php

declare(strict_types=1);

namespace App\Rigging;

use Carbon\CarbonImmutable;
use Dinghy\Area\Rigging\AsBuilt;

/** An entry as a phone sends it. */
final readonly class SentEntry
{
    /** what an entry can be, beside the acts of the core */
    public const ACTS = ['begin', 'done', 'undo', 'note', 'problem', 'as-built'];

    /**
     * @param  string  $id  a UUID that the phone gave it
     * @param  CarbonImmutable  $at  by the phone's clock
     * @param  int  $by  whose hand it was
     * @param  bool  $following  of an undo: all that stands on the step too
     * @param  list<float>  $readings
     */
    private function __construct(
        public string $id,
        public string $step,
        public string $act,
        public CarbonImmutable $at,
        public int $by,
        public bool $tick,
        public bool $following,
        public array $readings,
        public ?string $reason,
        public ?string $words,
        public ?string $serial,
        public ?string $version,
        public ?string $againOn,
        public ?AsBuilt $asBuilt,
        public ?string $value,
    ) {
    }

    /** @param  array<string, mixed>  $entry  that was validated */
    public static function of(array $entry): self
    {
        $text = static fn (string $key): ?string => is_string($entry[$key] ?? null) && trim($entry[$key]) !== '' ? trim($entry[$key]) : null;
        $readings = is_array($entry['readings'] ?? null) ? array_values($entry['readings']) : [];

        return new self(
            strtolower((string) $text('id')), (string) $text('step'), (string) $text('act'), CarbonImmutable::parse((string) $text('at')), is_numeric($entry['by'] ?? null) ? (int) $entry['by'] : 0,
            ($entry['tick'] ?? false) === true, ($entry['following'] ?? false) === true,
            array_map(static fn (mixed $one): float => is_numeric($one) ? (float) $one : 0.0, $readings),
            $text('reason'), $text('words'), $text('serial'), $text('version'), $text('again_on'),
            $text('act') === 'as-built' ? AsBuilt::tryFrom((string) $text('what')) : null, $text('value'),
        );
    }

    /** @return array<string, mixed> what is given beside the step */
    public function content(): array
    {
        return array_filter(['tick' => $this->tick, 'readings' => $this->readings, 'reason' => $this->reason, 'words' => $this->words, 'serial' => $this->serial, 'version' => $this->version, 'again_on' => $this->againOn, 'what' => $this->asBuilt?->value, 'value' => $this->value], static fn (mixed $one): bool => $one !== null && $one !== [] && $one !== false);
    }

    /** That it is the same entry when it is sent again. */
    public function hash(): string
    {
        return hash('sha256', json_encode([$this->step, $this->act, $this->at->getTimestamp(), $this->by, $this->following, $this->content()], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }
}
