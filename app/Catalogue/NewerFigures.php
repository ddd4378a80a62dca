<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\CataloguePart;
use App\Models\Shop;
use App\Names\NameKey;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Illuminate\Support\Collection;

/**
 * Where a plan holds other figures of a part than the catalogue has now. The plan keeps its own until somebody takes
 * the newer.
 */
final readonly class NewerFigures
{
    private function __construct(
        public string $on,
        public string $part,
        public Patch $patch,
    ) {
    }

    /** @return list<self> */
    public static function of(Shop $shop, PlanDocument $document): array
    {
        $kinds = $document->format->catalogue();
        $named = self::named($document);
        if ($named === []) {
            return [];
        }
        /** @var Collection<string, CataloguePart> $catalogue */
        $catalogue = $shop->catalogue()->whereIn(
            'name_key',
            array_unique(array_map(NameKey::of(...), array_column($named, 1))),
        )->get()->keyBy('name_key');
        $newer = [];
        foreach ($named as [$kind, $name, $part]) {
            $line = $catalogue->get(NameKey::of($name));
            if ($line === null || $line->kind !== $kind) {
                continue;
            }
            $figures = $line->asPlanned();
            $changes = [];
            foreach ($kinds[$kind]->ofThePart as $field) {
                // Loosely: 12 and 12.0 are one figure.
                if (isset($figures->{$field}) && ($part->{$field} ?? null) != $figures->{$field}) {
                    $changes[$field] = $figures->{$field};
                }
            }
            if ($changes !== []) {
                $newer[] = new self("{$kind}:{$part->id}", $name, Patch::set("{$kind}:{$part->id}", $changes));
            }
        }

        return $newer;
    }

    /**
     * @return list<array{string, string, \stdClass}> the parts of a plan that say what they are called in the catalogue: kind, name there, part
     */
    private static function named(PlanDocument $document): array
    {
        $named = [];
        foreach ($document->format->catalogue() as $kind) {
            foreach ($kind->ofThePart === [] ? [] : $document->partsOf($kind->name) as $part) {
                if (is_string($part->part ?? null)) {
                    $named[] = [$kind->name, $part->part, $part];
                }
            }
        }

        return $named;
    }
}
