<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\CataloguePart;
use App\Models\Shop;
use App\Names\NameKey;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Illuminate\Support\Collection;

/** Where a plan holds other figures of a part than the catalogue has now. The plan keeps its own until somebody takes the newer. */
final readonly class NewerFigures
{
    /** Figures of the part itself; where a battery stands, how it is held and what was measured are the boat's. */
    private const OF_THE_PART = [
        'batteries' => ['battery', ['chemistry', 'nominal_v', 'capacity_ah', 'hour_rate', 'cca_a', 'internal_mohm', 'stud_pos', 'stud_neg', 'mass_kg', 'group', 'size_mm', 'continuous_a', 'peak_a', 'max_series', 'max_parallel']],
        'devices' => ['device', ['kind', 'v_min', 'v_max', 'typical_a', 'peak_a', 'standby_a', 'load', 'fuse_a', 'lead', 'longest_runs', 'always_on', 'keyed_plug', 'data']],
        'blocks' => ['block', ['circuits', 'rating_a']],
    ];

    /** @param  list<array{field: string, planned: mixed, catalogue: mixed}>  $changes */
    private function __construct(
        public string $on,
        public string $part,
        public array $changes,
        public Patch $patch,
    ) {
    }

    /** @return list<self> */
    public static function of(Shop $shop, PlanDocument $document): array
    {
        $named = self::named($document->root());
        if ($named === []) {
            return [];
        }
        /** @var Collection<string, CataloguePart> $catalogue */
        $catalogue = $shop->catalogue()->whereIn('name_key', array_unique(array_map(NameKey::of(...), array_column($named, 1))))->get()->keyBy('name_key');
        $newer = [];
        foreach ($named as [$list, $name, $part]) {
            [$kind, $fields] = self::OF_THE_PART[$list];
            $line = $catalogue->get(NameKey::of($name));
            if ($line === null || $line->kind !== $kind || ! is_string($part->id ?? null)) {
                continue;
            }
            $figures = $line->asPlanned();
            $changes = [];
            foreach ($fields as $field) {
                // Loosely: 12 and 12.0 are one figure.
                if (isset($figures->{$field}) && ($part->{$field} ?? null) != $figures->{$field}) {
                    $changes[] = ['field' => $field, 'planned' => $part->{$field} ?? null, 'catalogue' => $figures->{$field}];
                }
            }
            if ($changes !== []) {
                $newer[] = new self("{$kind}:{$part->id}", $name, $changes, Patch::set("{$kind}:{$part->id}", array_column($changes, 'catalogue', 'field')));
            }
        }

        return $newer;
    }

    /** @return list<array{'batteries'|'devices'|'blocks', string, \stdClass}> the parts of a plan that say what they are called in the catalogue */
    private static function named(\stdClass $root): array
    {
        $named = [];
        foreach (array_keys(self::OF_THE_PART) as $list) {
            foreach (is_array($root->{$list} ?? null) ? $root->{$list} : [] as $part) {
                if ($part instanceof \stdClass && is_string($part->part ?? null)) {
                    $named[] = [$list, $part->part, $part];
                }
            }
        }

        return $named;
    }
}
