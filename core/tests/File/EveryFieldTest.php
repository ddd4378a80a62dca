<?php

declare(strict_types=1);

namespace Dinghy\Tests\File;

use Dinghy\Area\StandardAreas;
use Dinghy\File\Forms;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanRefused;
use Dinghy\Quantity\Units;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Whatever a form offers, the file takes: each field is filled in as a page sends it, and stands in the plan afterwards. */
final class EveryFieldTest extends TestCase
{
    /** Parts that a field of each kind is filled in of. */
    private const PARTS = [
        'battery' => 'b1', 'bank' => 'electronics', 'feed' => 'house', 'block' => 'bow-block', 'device' => 'hub',
        'station' => 'stern', 'terminal-block' => 'tb',
    ];

    /** Fields that only make sense beside another: what stands there then. */
    private const BESIDE = [
        'device.v_max' => '15 V', 'device.v_min' => '9 V', 'device.peak_a' => '2 A', 'device.typical_a' => '0.2 A', 'battery.nominal_v' => '12 V',
        'bond.from' => 'thrust', 'bond.to' => 'electronics', 'way.from' => 'stern', 'way.to' => 'bow', 'jumper.from' => 'b1+', 'jumper.to' => 'b2-',
        'feed.from.plus' => 'pos', 'feed.from.minus' => 'neg', 'feed.from.bank' => 'electronics', 'charger.input_from.bank' => 'electronics', 'charger.input_from.minus' => 'neg',
        'feed.run.length_m' => '3 m', 'branch.run.length_m' => '3 m', 'plan.boat.length_m' => '5.6 m',
        // A battery that no other place of a bank has; a ring of blocks is none.
        'bank.strings' => [['e1']], 'feed.to' => ['block' => 'bow-block'], 'branch.to' => ['device' => 'hub'],
        // Only the protection of a feed or a branch is chosen by itself.
        'bank.string_protection' => ['family' => 'cartridge', 'rating_a' => '100 A'],
        'photograph.of' => 'other', 'battery.commissioned' => '2026-03', 'found.commissioned' => '2026-03', 'plan.survey.taken_on' => '2026-03', 'comparison.on' => '2026-03-14', 'plan.trip.starts_at' => '06:30',
        'transducer.to' => ['device' => 'live-sonar', 'socket' => 's'], 'transducer.via' => ['a'], 'device.sockets' => [['id' => 'live', 'plug' => '12-pin live plug, type L', 'shows' => ['live']]], 'transducer.not_with' => ['t'], 'transducer.bands_khz' => [['185 kHz', '225 kHz']],
        'network-cable.from' => 'live-sonar', 'network-cable.to' => 'hub', 'serial.sentences' => ['DBT'], 'serial.listeners' => ['live-sonar'], 'terminal-block.wired' => [['pin' => '1', 'colour' => 'blue']],
        'terminal-block.pins' => [['pin' => '1', 'carries' => 'sonar+']],
    ];

    public function test_every_field_of_every_form_is_taken_by_the_file(): void
    {
        $format = StandardAreas::areas()->format;
        $document = self::document();
        $filled = 0;
        foreach (Forms::of($format) as $kind => $fields) {
            $on = $kind === 'plan' ? 'plan' : "{$kind}:".(self::PARTS[$kind] ?? array_key_first($document->partsOf($kind)));
            foreach ($fields as $field) {
                $filled += $this->fill($document, $on, $kind, $field, '');
            }
        }
        self::assertGreaterThan(230, $filled);
    }

    /**
     * @param  array<string, mixed>  $field
     * @return int how many fields were filled in
     */
    private function fill(PlanDocument $document, string $on, string $kind, array $field, string $before): int
    {
        $path = "{$before}{$field['name']}";
        if ($field['entry'] === 'parts') {
            return 0; // each of them is a part of its own
        }
        if ($field['entry'] === 'object' && ! isset(self::BESIDE["{$kind}.{$path}"]) && ! isset($field['oneOf'])) {
            $filled = 0;
            foreach ($field['fields'] as $inner) {
                $begun = $document->valueOf($on, $path) === null ? self::required($field['fields'], "{$kind}.{$path}") : null;
                $with = $begun === null ? $document : $this->with($document, $on, $path, (object) $begun);
                $filled += $this->fill($with, $on, $kind, $inner, "{$path}.");
            }

            return $filled;
        }
        $typed = self::typed($field, "{$kind}.{$path}");
        $after = $this->with($document, $on, $path, $typed);
        self::assertEquals($document->format->typed($on, $path, $typed, Units::Metric), $after->valueOf($on, $path), "{$on} {$path}");

        return 1;
    }

    private function with(PlanDocument $document, string $on, string $path, mixed $typed): PlanDocument
    {
        $with = $document->with($document->format->patch([['on' => $on, 'set' => [
            $path => $document->format->typed($on, $path, $typed, Units::Metric),
            ...($path === 'run.length_m' ? ['run.route' => null] : []),
            ...($path === 'run.route' ? ['run.length_m' => null] : []),
        ]]]));
        try {
            $with->plan();
        } catch (PlanRefused $refused) {
            self::fail("{$on} {$path}: {$refused->problems[0]->sentence()}");
        }

        return $with;
    }

    /**
     * @param  list<array<string, mixed>>  $fields
     * @return array<string, mixed>
     */
    private static function required(array $fields, string $named): array
    {
        $given = [];
        foreach ($fields as $field) {
            if (isset($field['required'])) {
                $given[$field['name']] = self::typed($field, "{$named}.{$field['name']}");
            }
        }

        return $given;
    }

    /** @param  array<string, mixed>  $field */
    private static function typed(array $field, string $named): mixed
    {
        $beside = self::BESIDE[$named] ?? null;
        if ($beside !== null) {
            return json_decode((string) json_encode($beside));
        }

        return match ($field['entry']) {
            'choice', 'flag' => end($field['choices'])[0],
            'gauge' => '6 awg',
            'terminal' => 'pos',
            'post' => 'b1+',
            'words' => 'a few words',
            'quantity' => self::quantity($field),
            'part' => ['battery' => 'e1', 'bank' => 'electronics', 'block' => 'bow-block', 'device' => 'hub', 'station' => 'stern', 'complaint' => 'says', 'found' => 'old', 'photograph' => 'p'][$field['of']],
            'map' => (object) ['hub' => '40 %'],
            'list' => $field['least'] === 3 && $field['item']['entry'] === 'quantity'
                ? '330 × 172 × 216 mm'
                : ($named === 'feed.run.route' || str_ends_with($named, 'route') ? ['stern', 'bow'] : [self::item($field['item'], $named)]),
            'object' => (object) (isset($field['oneOf']) ? [$field['oneOf'][0] => self::typed(array_column($field['fields'], null, 'name')[$field['oneOf'][0]], $named)] : self::whole($field['fields'], $named)),
        };
    }

    /** @param  array<string, mixed>  $item */
    private static function item(array $item, string $named): mixed
    {
        return $item['entry'] !== 'object' ? self::typed([...$item, 'name' => ''], "{$named}.0") : (object) array_filter(
            self::whole($item['fields'], $named),
            static fn (string $name): bool => ! in_array($name, array_slice($item['oneOf'] ?? [], 1), true),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $fields
     * @return array<string, mixed> with everything in it given
     */
    private static function whole(array $fields, string $named): array
    {
        return array_combine(array_column($fields, 'name'), array_map(static fn (array $field): mixed => self::typed($field, "{$named}.{$field['name']}"), $fields));
    }

    /** @param  array<string, mixed>  $field */
    private static function quantity(array $field): string
    {
        return match ($field['unit']) {
            'share' => '50 %',
            '' => '2',
            'V' => '12.5 V',
            'mm' => '25 mm',
            'm' => '0.4 m',
            'h' => '12 h',
            'kg' => '20 kg',
            default => "15 {$field['unit']}",
        };
    }

    /** The skiff, with one part of every kind. */
    private static function document(): PlanDocument
    {
        $document = Plans::skiff();
        $put = static fn (string $on, array $part, ?string $in = null): Patch => Patch::put($on, (object) ['id' => explode(':', $on)[1], ...(array) json_decode((string) json_encode($part))], $in);

        return $document->with(Patch::all([
            $put('charger:c', ['outputs' => [['battery' => 'e1', 'amps' => 10, 'profile' => 'agm']]]),
            $put('bond:bond', ['from' => 'thrust', 'to' => 'electronics']),
            $put('jumper:j', ['from' => 'b1+', 'to' => 'b2-'], 'bank:thrust'),
            $put('hole:h', ['diameter_mm' => 20]),
            $put('board:board', ['width_mm' => 200, 'height_mm' => 100]),
            $put('complaint:says', ['kind' => 'noise']),
            $put('found:old', ['chemistry' => 'agm', 'nominal_v' => 12]),
            $put('check:path', []),
            $put('photograph:p', ['of' => 'other']),
            $put('transducer:t', ['mount' => 'pole', 'functions' => ['depth'], 'plug' => 'sonar-6']),
            $put('adapter:a', ['from' => 'sonar-6', 'to' => 'sonar-8', 'passes' => ['depth']]),
            $put('terminal-block:tb', ['from' => 'cut-6', 'to' => 'sonar-8', 'pins' => [['pin' => 1, 'carries' => 'sonar+']]]),
            $put('network-cable:n', ['from' => 'live-sonar', 'to' => 'hub']),
            $put('trial:m', ['at' => '2026-03-14T10:20', 'instrument' => 'the network', 'seconds' => 60, 'sentences' => 300, 'refused' => 0]),
            $put('comparison:ab', ['device' => 'live-sonar', 'changed' => 'ground', 'quieter' => 'with']),
            $put('backbone:bus', ['length_m' => 6]),
            $put('serial:line', ['talker' => 'hub', 'listeners' => ['live-sonar']]),
            Patch::set('device:live-sonar', ['sockets' => [(object) ['id' => 'live', 'plug' => '12-pin live plug, type L', 'shows' => ['live']], (object) ['id' => 's', 'plug' => 'sonar-6', 'shows' => ['depth']]]]),
        ]));
    }
}
