<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\ChargerOutput;
use Dinghy\Plan\Plan;
use Dinghy\Record\Reference;
use Dinghy\Record\WhenGone;

/**
 * A part with everything that cannot stand without it: what would dangle goes too, what stands on its own stays. Which is
 * which, each reference of the format says.
 */
final class TakeOut
{
    /** Parts that go with what holds them, and not by themselves. */
    public const NOT_ALONE = ['battery', 'jumper'];

    /** @var array<string, true> parts that go, as "kind:id", those that others lean on last */
    private array $going = [];

    /** @var list<Patch> fields that are left out */
    private array $forgotten = [];

    private function __construct(private readonly Plan $plan)
    {
    }

    /**
     * @param  string  $on  kind:id
     *
     * @throws ProposalRefused
     */
    public static function of(Plan $plan, string $on): Patch
    {
        [$kind, $id] = [...explode(':', $on, 2), ''];
        if (in_array($kind, self::NOT_ALONE, true)) {
            throw ProposalRefused::because("A {$kind} cannot be taken out by itself.");
        }
        if (! $plan->named->has($kind, $id)) {
            throw ProposalRefused::noSuch($kind, $id);
        }
        $takeOut = new self($plan);
        $takeOut->take($kind, $id);
        $parts = array_keys($takeOut->going);
        $stays = static fn (Patch $patch): bool => ! isset($takeOut->going[$patch->steps[0]['on']]);

        return Patch::all(
            [
                ...array_filter($takeOut->forgotten, $stays),
                ...array_filter(OtherWays::without($plan, $parts), $stays),
                ...array_filter(self::rearranged($plan, $parts), $stays),
                ...array_map(Patch::remove(...), $parts),
            ],
        )
            ?? throw new \LogicException('A part that is there is taken out.');
    }

    /**
     * @param  list<string>  $going
     * @return list<Patch>
     */
    private static function rearranged(Plan $plan, array $going): array
    {
        return array_merge(...array_map(
            static fn (object $part): array => $part instanceof Rearranges ? $part->without($going) : [],
            array_values($plan->parts),
        ));
    }

    private function take(string $kind, string $id): void
    {
        $on = "{$kind}:{$id}";
        if (isset($this->going[$on])) {
            return;
        }
        $kind === 'block' && $this->refuseHalfConverters($id);
        foreach ($this->plan->named->to($kind, $id) as $reference) {
            match ($reference->whenGone) {
                WhenGone::Forgotten => $this->forget($reference),
                WhenGone::GoesToo => $this->take(...explode(':', $reference->on, 2)),
                WhenGone::Rearranged => null,
            };
        }
        $kind === 'bank' ? $this->takeBank($id) : $this->going[$on] = true;
    }

    /** A bank's batteries go with it, and before them what is led to one of them. */
    private function takeBank(string $id): void
    {
        $batteries = $this->plan->banks[$id]->batteries();
        foreach ($batteries as $battery) {
            if ($this->plan->boat->engine?->battery === $battery->id) {
                throw ProposalRefused::because("A battery of {$this->plan->banks[$id]->label()} starts the engine: name another for it first.");
            }
            foreach ($this->plan->named->to('battery', $battery->id) as $reference) {
                $reference->whenGone === WhenGone::GoesToo && $this->take(...explode(':', $reference->on, 2));
                $reference->whenGone === WhenGone::Forgotten && $this->forget($reference);
            }
        }
        $this->going["bank:{$id}"] = true;
        foreach ($batteries as $battery) {
            $this->going["battery:{$battery->id}"] = true;
        }
    }

    private function forget(Reference $reference): void
    {
        $this->forgotten[] = Patch::of([['on' => $reference->on, 'unset' => [$reference->path]]]);
    }

    private function refuseHalfConverters(string $block): void
    {
        foreach ($this->plan->chargers as $charger) {
            $to = array_filter(
                $charger->blockOutputs(),
                static fn (ChargerOutput $output): bool => $output->block === $block,
            );
            if ($to !== [] && count($to) < count($charger->outputs)) {
                throw ProposalRefused::because(ucfirst("{$charger->label()} feeds {$this->plan->blocks[$block]->label()} and something else: take the converter out first."));
            }
        }
    }
}
