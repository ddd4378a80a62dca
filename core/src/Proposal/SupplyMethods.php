<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Bank;
use Dinghy\Plan\DeviceKind;
use Dinghy\Plan\Feed;
use Dinghy\Plan\LoadClass;
use Dinghy\Plan\Plan;

/** The three schools of supply, each as a change to the plan as it is. */
final class SupplyMethods
{
    /**
     * @param  \stdClass|null  $battery  for electronics of their own, as the plan file has it; null: the shop has none
     * @param  \stdClass|null  $pack  a small one
     * @return list<SupplyVariant>
     */
    public static function of(Plan $plan, ?\stdClass $battery, ?\stdClass $pack): array
    {
        $feeds = array_values(
            array_filter($plan->feeds, static fn (Feed $feed): bool => $feed->class === LoadClass::Electronics),
        );
        if ($feeds === []) {
            return array_map(
                static fn (SupplyMethod $school): SupplyVariant => new SupplyVariant(
                    $school,
                    null,
                    'Nothing of the electronics class is fed yet.',
                ),
                SupplyMethod::cases(),
            );
        }

        return [self::starting($plan, $feeds), self::own($plan, $feeds, $battery), self::pack($plan, $pack)];
    }

    /** @param  non-empty-list<Feed>  $feeds */
    private static function starting(Plan $plan, array $feeds): SupplyVariant
    {
        $bank = self::startingBank($plan);

        return match (true) {
            $bank === null => new SupplyVariant(
                SupplyMethod::Starting,
                null,
                'The plan has no engine with a starting battery.',
            ),
            default => new SupplyVariant(SupplyMethod::Starting, self::moved($feeds, $bank->id), null),
        };
    }

    /** @param  non-empty-list<Feed>  $feeds */
    private static function own(Plan $plan, array $feeds, ?\stdClass $battery): SupplyVariant
    {
        $starting = self::startingBank($plan);
        $shared = array_values(
            array_filter(
                $feeds,
                static fn (Feed $feed): bool => $feed->supply->bank === $starting || $plan->feedsThrust($feed->supply->bank),
            ),
        );
        if ($shared === []) {
            return new SupplyVariant(SupplyMethod::Own, null, null);
        }
        if ($battery === null) {
            return new SupplyVariant(
                SupplyMethod::Own,
                null,
                'The catalogue has no LiFePO4 battery of 100 Ah or more.',
            );
        }
        $added = AddBank::to(
            $plan,
            $battery,
            'electronics',
            1,
            1,
            $shared[0]->supply->bank->strings[0][0]->station,
            null,
        );
        $id = FreeId::like($plan, 'electronics');
        $moved = self::moved($shared, $id);

        return new SupplyVariant(SupplyMethod::Own, $moved === null ? $added : $added->and($moved), null, $id);
    }

    private static function pack(Plan $plan, ?\stdClass $pack): SupplyVariant
    {
        $sonars = array_values(
            array_filter($plan->devices, static fn ($device): bool => $device->kind === DeviceKind::SonarModule),
        );
        if ($sonars === []) {
            return new SupplyVariant(SupplyMethod::Pack, null, 'No sonar module is aboard.');
        }
        if ($pack === null) {
            return new SupplyVariant(SupplyMethod::Pack, null, 'The catalogue has no LiFePO4 battery below 30 Ah.');
        }
        $sonar = $sonars[0];
        foreach ($plan->feeds as $feed) {
            if ($feed->device === $sonar->id && count($plan->feedsOf($feed->supply->bank)) === 1) {
                return new SupplyVariant(SupplyMethod::Pack, null, null);
            }
        }
        $id = FreeId::like($plan, 'sonar pack');
        $patch = AddBank::to($plan, $pack, 'sonar pack', 1, 1, $sonar->station, null);
        foreach ($plan->blocks as $block) {
            foreach ($block->branches as $branch) {
                $patch = $branch->device === $sonar->id ? $patch->and(Patch::remove("branch:{$branch->id}")) : $patch;
            }
        }
        foreach ($plan->feeds as $feed) {
            $patch = $feed->device === $sonar->id ? $patch->and(Patch::remove("feed:{$feed->id}")) : $patch;
        }
        $asks = new CircuitRequirements(
            $sonar->kind,
            $sonar->minVolts,
            $sonar->maxVolts,
            $sonar->typicalAmps,
            $sonar->peakAmps,
            $sonar->makersFuse,
        );

        return new SupplyVariant(
            SupplyMethod::Pack,
            $patch->and(
                AddDevice::feed(
                    $plan,
                    $asks,
                    (object) ['bank' => $id],
                    "pack to {$sonar->label()}",
                    (object) ['device' => $sonar->id],
                ),
            ),
            null,
            $id,
        );
    }

    /** @param  list<Feed>  $feeds */
    private static function moved(array $feeds, string $bank): ?Patch
    {
        $elsewhere = array_values(
            array_filter($feeds, static fn (Feed $feed): bool => $feed->supply->bank->id !== $bank),
        );

        return Patch::all(
            array_map(
                static fn (Feed $feed): Patch => Patch::set("feed:{$feed->id}", ['from' => (object) ['bank' => $bank]]),
                $elsewhere,
            ),
        );
    }

    private static function startingBank(Plan $plan): ?Bank
    {
        return $plan->boat->engine === null ? null : $plan->bankOf($plan->boat->engine->battery);
    }
}
