<?php

declare(strict_types=1);

namespace Dinghy\Evaluation;

use Dinghy\Rule\Finding;
use Dinghy\Wiring\SizedRun;

/**
 * What another plan, or another house rule, makes of a boat: wires and fuses that change, findings that come and go.
 */
final readonly class Consequences
{
    /**
     * @param  list<string>  $wires  a sentence for each run whose gauge or rating is another
     * @param  list<Finding>  $come
     * @param  list<Finding>  $gone
     */
    private function __construct(
        public array $wires,
        public array $come,
        public array $gone,
    ) {
    }

    public static function of(Evaluation $before, Evaluation $after): self
    {
        $wires = [];
        foreach ($after->boat->circuits() as $run) {
            $was = $before->boat->runs[$run->id] ?? null;
            $changes = array_filter([
                self::change($was?->gauge->name, $run->gauge->name),
                self::change(self::rating($was, $before), self::rating($run, $after)),
            ]);
            if ($changes !== []) {
                $wires[] = "{$run->circuit?->label}: ".implode(', ', $changes);
            }
        }
        foreach ($before->boat->circuits() as $run) {
            if (! isset($after->boat->runs[$run->id])) {
                $wires[] = "{$run->circuit?->label}: taken out";
            }
        }

        return new self($wires, self::beyond($after, $before), self::beyond($before, $after));
    }

    public function none(): bool
    {
        return $this->wires === [] && $this->come === [] && $this->gone === [];
    }

    /** @return list<string> the wires, then each finding that comes and each that goes */
    public function sentences(): array
    {
        return [
            ...$this->wires,
            ...array_map(
                static fn (Finding $finding): string => ucfirst($finding->level->word()).": {$finding->says}",
                $this->come,
            ),
            ...array_map(static fn (Finding $finding): string => "No longer: {$finding->says}", $this->gone),
        ];
    }

    private static function change(?string $was, ?string $is): ?string
    {
        return $was === $is ? null : ($was ?? 'none').' → '.($is ?? 'none');
    }

    private static function rating(?SizedRun $run, Evaluation $evaluation): ?string
    {
        $rating = $run?->firstRating();

        return $rating === null ? null : $evaluation->boat->words->amps($rating);
    }

    /**
     * Findings of one that the other has not: by rule, part and level, so that one whose figures only shift is not told twice.
     *
     * @return list<Finding>
     */
    private static function beyond(Evaluation $one, Evaluation $other): array
    {
        $known = [];
        foreach ($other->findings as $finding) {
            $known[self::key($finding)] = true;
        }

        return array_values(
            array_filter($one->findings, static fn (Finding $finding): bool => ! isset($known[self::key($finding)])),
        );
    }

    private static function key(Finding $finding): string
    {
        return "{$finding->rule->code} {$finding->on} {$finding->level->value}";
    }
}
