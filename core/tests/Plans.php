<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Evaluation\Evaluation;
use Dinghy\Plan\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;

/** Small plans that tests change one thing of. */
final class Plans
{
    /** One 12 V AGM block feeding one pump over 3 m of 10 AWG: good work, no finding. */
    public const PUMP = <<<'JSON'
    {
        "format": "dinghy-plan", "version": 1,
        "batteries": [{ "id": "b1", "chemistry": "agm", "nominal_v": 12, "capacity_ah": 100, "rested_v": 12.7 }],
        "banks": [{ "id": "house", "strings": [["b1"]] }],
        "feeds": [{ "id": "f1", "class": "electronics", "from": { "bank": "house" },
            "protection": [{ "family": "blade", "rating_a": 15, "from_source_m": 0.15 }],
            "run": { "length_m": 3, "gauge": "10 AWG" }, "to": { "device": "d1" } }],
        "devices": [{ "id": "d1", "kind": "pump", "v_min": 10, "v_max": 16, "typical_a": 8, "peak_a": 12 }]
    }
    JSON;

    public static function skiff(): PlanDocument
    {
        return PlanDocument::fromJson((string) file_get_contents(__DIR__.'/../../database/demo/skiff.json'));
    }

    /** @param  array<string, array<string, mixed>>  $changes fields to set, by part */
    public static function pump(array $changes = []): PlanDocument
    {
        return self::changed(PlanDocument::fromJson(self::PUMP), $changes);
    }

    /** @param  array<string, array<string, mixed>>  $changes fields to set, by part */
    public static function changed(PlanDocument $document, array $changes): PlanDocument
    {
        foreach ($changes as $on => $fields) {
            $document = $document->with(Patch::set($on, $fields));
        }

        return $document;
    }

    public static function evaluate(PlanDocument $document): Evaluation
    {
        return Evaluation::of(Plan::of($document));
    }

    /**
     * A series bank of 12 V blocks with one motor.
     *
     * @param  array<string, mixed>  $battery  fields of every battery
     */
    public static function series(int $blocks, array $battery = []): PlanDocument
    {
        $batteries = [];
        for ($i = 1; $i <= $blocks; $i++) {
            $batteries[] = ['id' => "b{$i}", 'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 100, ...$battery];
        }

        return PlanDocument::fromJson(json_encode([
            'format' => 'dinghy-plan', 'version' => 1,
            'batteries' => $batteries,
            'banks' => [['id' => 'thrust', 'strings' => [array_column($batteries, 'id')]]],
            'feeds' => [[
                'id' => 'main', 'class' => 'thrust', 'from' => ['bank' => 'thrust'],
                'protection' => [['family' => 'breaker', 'rating_a' => 60, 'from_source_m' => 0.15]],
                'run' => ['length_m' => 5.9, 'gauge' => '4 AWG'], 'to' => ['device' => 'm1'],
            ]],
            'devices' => [['id' => 'm1', 'kind' => 'motor', 'v_min' => 10, 'v_max' => 60, 'typical_a' => 20, 'peak_a' => 56]],
        ], JSON_THROW_ON_ERROR));
    }
}
