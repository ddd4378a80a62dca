<?php

declare(strict_types=1);

namespace Dinghy\Tests;

use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\Remedies;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Rule\Remedy;

/** Small plans that tests change one thing of. */
final class Plans
{
    /** One 12 V AGM block feeding one pump over 3 m of 10 AWG: good work, nothing unknown, no finding. */
    public const PUMP = <<<'JSON'
    {
        "format": "dinghy-plan", "version": 1,
        "boat": { "hull": "fibreglass", "fuel": "none", "loaded_kg": 900 }, "survey": { "taken_on": "2026-11-01", "batteries": [ { "id": "old", "chemistry": "flooded", "nominal_v": 12 } ], "photographs": [ { "id": "p1", "of": "post:old" } ] },
        "batteries": [{ "id": "b1", "chemistry": "agm", "nominal_v": 12, "capacity_ah": 100, "rested_v": 12.7, "internal_mohm": 15, "commissioned": "2026-03",
            "size_mm": [330, 173, 240], "tray_mm": [335, 180, 260], "restrained": true, "booted": true, "space": "ventilated", "stud_pos": "3/8", "stud_neg": "5/16" }],
        "banks": [{ "id": "house", "strings": [["b1"]], "switch": true, "switch_rating_a": 150 }],
        "feeds": [{ "id": "f1", "class": "electronics", "from": { "bank": "house" },
            "protection": [{ "family": "blade", "rating_a": 15, "from_source_m": 0.15 }],
            "run": { "length_m": 3, "gauge": "10 AWG" }, "to": { "device": "d1" } }],
        "devices": [{ "id": "d1", "kind": "pump", "v_min": 10, "v_max": 16, "typical_a": 8, "peak_a": 12 }],
        "chargers": [{ "id": "c1", "input": "mains", "outputs": [{ "battery": "b1", "amps": 15, "profile": "agm", "fuse_at": "battery", "lead": { "gauge": "12 AWG", "length_m": 1.5 } }] }]
    }
    JSON;

    /** A block that nothing is unknown of. */
    private const BLOCK = [
        'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 100, 'rested_v' => 12.7, 'commissioned' => '2026-03',
        'size_mm' => [330, 173, 240], 'tray_mm' => [335, 180, 260], 'restrained' => true, 'booted' => true, 'space' => 'ventilated', 'stud_pos' => '3/8', 'stud_neg' => '5/16',
    ];

    /** A bow motor that clears everything, hangs deep enough and is strong enough. */
    private const MOUNTED = [
        'thrust_n' => 400, 'deploy' => ['setback_m' => 0.3, 'reach_m' => 0.4, 'shaft_mm' => 30], 'sweep' => ['head_m' => 0.25, 'cord_m' => 0.3, 'rail_m' => 0.6, 'door_m' => 0.8],
        'shaft' => ['length_m' => 1.5, 'mount_height_m' => 0.6],
    ];

    /** As a changed field: taken out of the plan. */
    /** A boat with one old battery, its posts photographed. */
    private const PHOTOGRAPHED = ['taken_on' => '2026-11-01', 'batteries' => [['id' => 'old', 'chemistry' => 'flooded', 'nominal_v' => 12]], 'photographs' => [['id' => 'p1', 'of' => 'post:old']]];

    public const UNKNOWN = '(unknown)';

    /** @param  'pump'|'series'|'parallel'|'routed'|'sounding'  $name */
    public static function named(string $name): PlanDocument
    {
        return match ($name) {
            'pump' => self::pump(),
            'series' => self::series(3),
            'parallel' => self::parallel(),
            'routed' => self::routed(),
            'sounding' => self::sounding(),
        };
    }

    /** With the mistakes of her power side alone: her hub is large enough, her adapter aboard, her offset set. */
    public static function skiff(): PlanDocument
    {
        $sound = self::demo('boats/skiff');

        return self::changed(self::demo('mistakes/skiff')->with(Patch::put('adapter:adapter-a-b', $sound->partsOf('adapter')['adapter-a-b'])), [
            'device:hub' => ['network_ports' => 5],
            'device:tiller-display' => ['depth_offset_m' => 0.15],
        ]);
    }

    /** @param  string  $boat  of the demo, as boats/skiff */
    public static function demo(string $boat): PlanDocument
    {
        return StandardAreas::areas()->format->document((string) file_get_contents(__DIR__."/../../database/demo/{$boat}.json"));
    }

    /** @param  array<string, array<string, mixed>>  $changes fields to set, by part */
    public static function pump(array $changes = []): PlanDocument
    {
        return self::changed(StandardAreas::areas()->format->document(self::PUMP), $changes);
    }

    /** @param  array<string, array<string, mixed>>  $changes fields to set, by part */
    public static function changed(PlanDocument $document, array $changes): PlanDocument
    {
        foreach ($changes as $on => $fields) {
            $unknown = array_keys(array_filter($fields, static fn (mixed $value): bool => $value === self::UNKNOWN));
            // As JSON has them: what has names is an object.
            $set = array_map(self::written(...), array_diff_key($fields, array_flip($unknown)));
            $patch = Patch::set($on, $set);
            $document = $document->with($unknown === [] ? $patch : $patch->and(Patch::of([['on' => $on, 'unset' => $unknown]])));
        }

        return $document;
    }

    private static function written(mixed $value): mixed
    {
        $inner = is_array($value) ? array_map(self::written(...), $value) : $value;

        return is_array($inner) && ! array_is_list($inner) ? (object) $inner : $inner;
    }

    public static function evaluate(PlanDocument $document): Evaluation
    {
        return StandardAreas::areas()->evaluate($document->plan());
    }

    /** @return Remedy|null what is offered for the first finding of a rule, on a part where one is named; null: nothing, or the rule is silent */
    public static function remedy(PlanDocument $document, string $code, ?string $on = null): ?Remedy
    {
        $evaluation = self::evaluate($document);
        foreach ($evaluation->findings as $finding) {
            if ($finding->rule->code === $code && ($on === null || $finding->on === $on)) {
                return (new Remedies($document, $evaluation))->of($finding);
            }
        }

        return null;
    }

    /**
     * A series bank of 12 V AGM blocks with one motor: good work, nothing unknown.
     *
     * @param  array<string, mixed>  $battery  fields of every battery
     */
    public static function series(int $blocks, array $battery = []): PlanDocument
    {
        $batteries = [];
        for ($i = 1; $i <= $blocks; $i++) {
            $batteries[] = array_filter(['id' => "b{$i}", ...self::BLOCK, ...$battery], static fn (mixed $value): bool => $value !== self::UNKNOWN);
        }

        return StandardAreas::areas()->format->document(json_encode([
            'format' => 'dinghy-plan', 'version' => 1, 'boat' => ['hull' => 'fibreglass', 'fuel' => 'none', 'loaded_kg' => 900], 'survey' => self::PHOTOGRAPHED,
            'batteries' => $batteries,
            'banks' => [['id' => 'thrust', 'strings' => [array_column($batteries, 'id')]]],
            'feeds' => [[
                'id' => 'main', 'class' => 'thrust', 'from' => ['bank' => 'thrust'],
                'protection' => [['family' => 'breaker-80', 'rating_a' => 60, 'from_source_m' => 0.15, 'resets_itself' => false, 'trip_free' => true]],
                'run' => ['length_m' => 5.9, 'gauge' => '4 AWG'], 'to' => ['device' => 'm1'],
            ]],
            'devices' => [['id' => 'm1', 'kind' => 'motor', 'v_min' => 10, 'v_max' => 60, 'typical_a' => 20, 'peak_a' => 56, ...self::MOUNTED]],
            'chargers' => array_map(static fn (array $battery): array => self::charger($battery), $batteries),
        ], JSON_THROW_ON_ERROR));
    }

    /**
     * Two 12 V LiFePO4 blocks in parallel behind one feed to a fuse block with a screen and a light: good work.
     */
    public static function parallel(): PlanDocument
    {
        $lithium = ['chemistry' => 'lifepo4', 'rested_v' => 13.3, 'internal_mohm' => 7, 'continuous_a' => 100, 'peak_a' => 200, 'max_series' => 4, 'max_parallel' => 4];
        $batteries = [['id' => 'h1', ...self::BLOCK, ...$lithium], ['id' => 'h2', ...self::BLOCK, ...$lithium]];
        $run = static fn (float $metres, string $gauge): array => ['length_m' => $metres, 'gauge' => $gauge];

        return StandardAreas::areas()->format->document(json_encode([
            'format' => 'dinghy-plan', 'version' => 1, 'boat' => ['hull' => 'fibreglass', 'fuel' => 'none'], 'survey' => self::PHOTOGRAPHED,
            'batteries' => $batteries,
            'banks' => [['id' => 'house', 'strings' => [['h1'], ['h2']], 'jumper' => ['gauge' => '2 AWG'], 'string_protection' => ['family' => 'battery-post', 'rating_a' => 60]]],
            'feeds' => [[
                'id' => 'main', 'class' => 'electronics', 'from' => ['bank' => 'house', 'plus' => 'pos@1', 'minus' => 'neg@2'],
                'protection' => [['family' => 'breaker-80', 'rating_a' => 30, 'from_source_m' => 0.15, 'resets_itself' => false, 'trip_free' => true]],
                'run' => $run(3.0, '6 AWG'), 'to' => ['block' => 'fuses'],
            ]],
            'blocks' => [['id' => 'fuses', 'circuits' => 6, 'rating_a' => 100, 'branches' => [
                ['id' => 'to-screen', 'class' => 'electronics', 'fuse_a' => 5, 'run' => $run(1.5, '12 AWG'), 'to' => ['device' => 'screen']],
                ['id' => 'to-light', 'class' => 'general', 'fuse_a' => 10, 'run' => $run(2.0, '14 AWG'), 'to' => ['device' => 'light']],
            ]]],
            'devices' => [
                ['id' => 'screen', 'kind' => 'display', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 2, 'peak_a' => 3, 'lead' => ['gauge' => '16 AWG', 'length_m' => 1.8], 'seen_from_helm' => ['away_m' => 0.6]],
                ['id' => 'light', 'kind' => 'light', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 5, 'peak_a' => 6],
            ],
            'chargers' => [self::charger($batteries[0], 25)],
        ], JSON_THROW_ON_ERROR));
    }

    /** Three blocks of 5 mΩ and a converter of 12 V, 20 A, 90 %, 0.1 A of its own, that feeds a block with a screen: good work. */
    /**
     * Three blocks charged as one, a motor on all of them and a pump on a tap of the first.
     *
     * @param  array<string, mixed>  $device  the pump
     * @param  list<array<string, mixed>>  $phases
     */
    public static function tapped(array $device, array $phases): PlanDocument
    {
        $root = self::series(3, ['internal_mohm' => 5])->root();
        $root->devices[] = (object) ['id' => 'd1', 'kind' => 'pump', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 2, ...$device];
        $root->feeds[] = (object) ['id' => 'tap', 'class' => 'general', 'from' => (object) ['bank' => 'thrust', 'plus' => 'tap:1', 'minus' => 'neg'],
            'protection' => [(object) ['family' => 'blade', 'rating_a' => 5, 'from_source_m' => 0.15]], 'run' => (object) ['length_m' => 2, 'gauge' => '14 AWG'], 'to' => (object) ['device' => 'd1']];
        $root->chargers = [(object) ['id' => 'c1', 'input' => 'mains', 'outputs' => [(object) ['battery' => 'b1', 'across' => ['b1', 'b2', 'b3'], 'volts' => 36, 'amps' => 15, 'profile' => 'agm', 'fuse_at' => 'battery']]]];
        $document = StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));

        return self::changed($document, ['plan' => ['trip' => ['ambient_c' => 25, 'phases' => $phases]]]);
    }

    public static function converted(): PlanDocument
    {
        $root = self::series(3, ['internal_mohm' => 5])->root();
        [$root->feeds, $root->devices] = [[], [(object) ['id' => 'screen', 'kind' => 'display', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 5, 'peak_a' => 6]]];
        $root->blocks = [(object) ['id' => 'fuses', 'circuits' => 4, 'rating_a' => 60, 'branches' => [
            (object) ['id' => 'to-screen', 'class' => 'electronics', 'fuse_a' => 7.5, 'run' => (object) ['length_m' => 2, 'gauge' => '12 AWG'], 'to' => (object) ['device' => 'screen']],
        ]]];
        $root->chargers[] = (object) ['id' => 'conv', 'input' => 'dc-dc', 'fused_ends' => 'both', 'input_from' => (object) ['bank' => 'thrust'], 'efficiency' => 0.9, 'standby_a' => 0.1,
            'outputs' => [(object) ['block' => 'fuses', 'amps' => 20, 'volts' => 12, 'lead' => (object) ['gauge' => '10 AWG', 'length_m' => 1.2]]]];

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /** A petrol boat of 5 m with a tube from the stern to the bow, where a block feeds a light, a heading sensor and an antenna: good work. */
    public static function routed(): PlanDocument
    {
        $battery = ['id' => 'b1', ...self::BLOCK, 'station' => 'stern', 'petrol_fitting_m' => 0.9];
        $branch = static fn (string $to): array => ['id' => "to-{$to}", 'class' => 'electronics', 'fuse_a' => 5, 'run' => ['length_m' => 1.0, 'gauge' => '14 AWG', 'cable' => 'pair'], 'to' => ['device' => $to]];
        $device = static fn (string $id, string $kind, array $more): array => ['id' => $id, 'kind' => $kind, 'v_min' => 9, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 1.5, ...$more];

        return StandardAreas::areas()->format->document(json_encode([
            'format' => 'dinghy-plan', 'version' => 1,
            'boat' => [
                'hull' => 'fibreglass', 'length_m' => 5, 'beam_m' => 2, 'fuel' => 'petrol',
                'stations' => [
                    ['id' => 'stern', 'name' => 'Stern', 'x_m' => 0.5, 'y_m' => 0, 'kind' => 'battery', 'petrol_vapour' => false],
                    ['id' => 'side', 'name' => 'Side', 'x_m' => 2.2, 'y_m' => 0.9, 'kind' => 'deck'],
                    ['id' => 'bow', 'name' => 'Bow', 'x_m' => 4, 'y_m' => 0, 'kind' => 'deck', 'petrol_vapour' => false],
                ],
                'ways' => [
                    ['id' => 'tube', 'from' => 'stern', 'to' => 'bow', 'length_m' => 3.6, 'bore_mm' => 30, 'kind' => 'tube', 'pull_cord' => true],
                    ['id' => 'aft', 'from' => 'stern', 'to' => 'side', 'length_m' => 2.0, 'kind' => 'gunwale'],
                    ['id' => 'fore', 'from' => 'side', 'to' => 'bow', 'length_m' => 2.1, 'kind' => 'gunwale'],
                ],
            ],
            'survey' => [
                'taken_on' => '2026-11-01',
                'batteries' => [['id' => 'old', 'station' => 'stern', 'chemistry' => 'flooded', 'nominal_v' => 12, 'capacity_ah' => 80]],
                'path_checks' => [['id' => 'check', 'name' => 'Old light', 'device' => 'light', 'battery_rest_v' => 12.7, 'battery_loaded_v' => 12.6, 'device_loaded_v' => 12.4, 'amps_a' => 5, 'length_m' => 3, 'gauge' => '10 AWG']],
                'photographs' => [['id' => 'p1', 'of' => 'station:stern'], ['id' => 'p2', 'of' => 'post:old']],
            ],
            'batteries' => [$battery],
            'banks' => [['id' => 'house', 'strings' => [['b1']], 'switch' => true, 'switch_rating_a' => 150]],
            'feeds' => [[
                'id' => 'main', 'class' => 'electronics', 'from' => ['bank' => 'house'],
                'protection' => [['family' => 'breaker-80', 'rating_a' => 30, 'from_source_m' => 0.15, 'resets_itself' => false, 'trip_free' => true]],
                'run' => ['route' => ['stern', 'bow'], 'gauge' => '6 AWG'], 'to' => ['block' => 'fuses'],
            ]],
            'blocks' => [['id' => 'fuses', 'station' => 'bow', 'circuits' => 6, 'rating_a' => 100, 'branches' => [$branch('light'), $branch('heading'), $branch('antenna')]]],
            'devices' => [
                $device('light', 'light', ['station' => 'bow']), $device('heading', 'heading-sensor', ['at_m' => ['x_m' => 2.5, 'y_m' => 0.0]]),
                $device('antenna', 'position-antenna', ['station' => 'bow', 'sky' => 'open', 'stepped_on' => false]),
            ],
            'holes' => [['id' => 'hole', 'name' => 'Gland', 'diameter_mm' => 16, 'behind' => 'nothing within 50 mm']],
            'chargers' => [self::charger($battery)],
        ], JSON_THROW_ON_ERROR));
    }

    /** The petrol boat with a screen, a sonar box and a hub at the bow: three transducers, one of them on a terminal block, and a backbone; good work. */
    public static function sounding(): PlanDocument
    {
        $root = self::routed()->root();
        foreach (['screen' => 'display', 'module' => 'sonar-module', 'hub' => 'network-hub'] as $id => $kind) {
            $root->devices[] = (object) ['id' => $id, 'kind' => $kind, 'station' => 'bow', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 0.5, 'peak_a' => 0.8, 'network_ports' => $id === 'hub' ? 5 : 1];
            $root->blocks[0]->branches[] = (object) ['id' => "to-{$id}", 'class' => 'electronics', 'fuse_a' => 3, 'run' => (object) ['length_m' => 1.0, 'gauge' => '14 AWG', 'cable' => 'pair'], 'to' => (object) ['device' => $id]];
        }
        [, , , $screen, $module] = $root->devices;
        $screen->seen_from_helm = (object) ['away_m' => 0.6];
        $screen->depth_offset_m = 0.3;
        $screen->sockets = [(object) ['id' => 's1', 'plug' => 'sonar-8', 'shows' => ['depth', 'temperature', 'depth-2']]];
        $module->sockets = [(object) ['id' => 's1', 'plug' => 'live-12', 'shows' => ['live']], (object) ['id' => 's2', 'plug' => 'sonar-8', 'shows' => ['depth', 'temperature']]];
        $root->network = json_decode((string) json_encode([
            'depth_from' => 'surface',
            'transducers' => [
                ['id' => 't1', 'name' => 'Transom transducer', 'mount' => 'transom', 'station' => 'stern', 'functions' => ['depth', 'temperature'], 'plug' => 'sonar-6', 'to' => ['device' => 'screen', 'socket' => 's1'],
                    'cable_m' => 6, 'bands_khz' => [[185, 225]], 'beams_deg' => [20], 'below_water_m' => 0.3, 'above_keel_m' => 0.1, 'from_propeller_m' => 0.6, 'behind_strake' => false],
                ['id' => 't2', 'name' => 'Live transducer', 'mount' => 'pole', 'station' => 'bow', 'functions' => ['live'], 'plug' => 'live-12', 'to' => ['device' => 'module', 'socket' => 's1'], 'cable_m' => 3, 'loop_m' => 0.5, 'bands_khz' => [[540, 1000]]],
                ['id' => 't3', 'name' => 'Old transducer', 'mount' => 'through-hull', 'station' => 'side', 'functions' => ['depth', 'temperature'], 'plug' => 'cut-6', 'to' => ['device' => 'module', 'socket' => 's2'], 'cable_m' => 4, 'bands_khz' => [[75, 100]], 'below_water_m' => 0.3,
                    'wires' => [['colour' => 'blue', 'carries' => 'sonar+'], ['colour' => 'black', 'carries' => 'sonar-'], ['colour' => 'bare', 'carries' => 'shield'], ['colour' => 'white', 'carries' => 'temp'], ['colour' => 'brown', 'carries' => 'temp-return'], ['colour' => 'grey', 'carries' => 'temp-shield']]],
            ],
            'adapters' => [['id' => 'a1', 'from' => 'sonar-6', 'to' => 'sonar-8', 'passes' => ['depth', 'temperature']]],
            'terminal_blocks' => [['id' => 'tb1', 'from' => 'cut-6', 'to' => 'sonar-8',
                'pins' => array_map(static fn (int $pin, string $carries): array => ['pin' => $pin, 'carries' => $carries], range(1, 7), ['sonar+', 'sonar-', 'shield', 'temp', 'temp-return', 'temp-shield', 'speed-power']),
                'wired' => array_map(static fn (int $pin, string $colour): array => ['pin' => $pin, 'colour' => $colour], range(1, 6), ['blue', 'black', 'bare', 'white', 'brown', 'grey'])]],
            'cables' => [['id' => 'n1', 'from' => 'screen', 'to' => 'hub', 'length_m' => 1], ['id' => 'n2', 'from' => 'module', 'to' => 'hub', 'length_m' => 1]],
            'backbones' => [['id' => 'bus', 'cable' => 'light', 'length_m' => 6, 'terminators' => ['start', 'end'], 'power' => [['at_m' => 0, 'volts' => 12]],
                'nodes' => [['device' => 'heading', 'at_m' => 1, 'drop_m' => 2, 'len' => 2], ['device' => 'antenna', 'at_m' => 5, 'drop_m' => 1, 'len' => 3]]]],
        ]));

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, mixed>  $battery
     * @return array<string, mixed>
     */
    private static function charger(array $battery, float $amps = 15): array
    {
        return ['id' => "charger-{$battery['id']}", 'input' => 'mains', 'outputs' => [['battery' => $battery['id'], 'amps' => $amps, 'profile' => $battery['chemistry'] === 'lifepo4' ? 'lifepo4' : 'agm', 'fuse_at' => 'battery', 'lead' => ['gauge' => '12 AWG', 'length_m' => 1.5]]]];
    }
}
