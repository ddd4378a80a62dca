<?php

declare(strict_types=1);

namespace Dinghy\Tests\Rule;

use Dinghy\Area\StandardAreas;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a rigger would do about it first, on boats where there is more than one way: worked out by hand for each. */
final class OfferedRemediesTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $changes */
    #[DataProvider('offered')]
    public function test_what_is_offered(string $code, ?string $says, PlanDocument $document, array $changes): void
    {
        self::assertSame($says, Plans::remedy(Plans::changed($document, $changes), $code)?->says);
    }

    /** @return array<string, array{string, string|null, PlanDocument, array<string, array<string, mixed>>}> code, sentence, plan, changes */
    public static function offered(): array
    {
        $two = self::twoBanks();
        $engine = ['plan' => ['boat.engine' => (object) ['battery' => 'b1', 'cranking_a' => 300, 'min_cca_a' => 500]], 'device:d1' => ['kind' => 'display']];

        return [
            'a pump for 24 V is fed from the bank that has them' => ['B04', 'Take the feed to D1 from the other bank.', self::twoBanks(2), ['device:d1' => ['v_min' => 20, 'v_max' => 32]]],
            'no bank has its volts' => ['B04', null, $two, ['device:d1' => ['v_min' => 40, 'v_max' => 60]]],
            'what bears no charging volts goes where they are lower' => ['D01', 'Take the feed to D1 from the other bank.', $two, ['device:d1' => ['v_max' => 14.65], 'battery:x1' => ['chemistry' => 'gel']]],
            'the lowest block of a series bank, where whole banks do not do' => ['D01', 'Take the feed to D1 from Battery 1 of other.', self::twoBanks(3), ['device:d1' => ['v_max' => 14.65], ...array_fill_keys(['battery:x1', 'battery:x2', 'battery:x3'], ['chemistry' => 'gel'])]],
            'the bank that starts the engine is the last to be offered' => ['D01', 'Take the feed to D1 from the spare bank.', self::threeBanks(), ['device:d1' => ['v_max' => 14.65], 'battery:x1' => ['chemistry' => 'gel'], 'battery:y1' => ['chemistry' => 'gel'], 'plan' => ['boat.engine' => (object) ['battery' => 'x1', 'cranking_a' => 300, 'min_cca_a' => 500]]]],
            'a screen leaves the starting bank' => ['B16', 'Take the feed to D1 from the other bank.', $two, $engine],
            'the engine starts from the stronger bank' => ['B25', 'Start the engine from the other bank.', $two, [...$engine, 'battery:b1' => ['cca_a' => 499], 'battery:x1' => ['cca_a' => 650]]],
            'a weaker bank does not start it' => ['B25', null, $two, [...$engine, 'battery:b1' => ['cca_a' => 499], 'battery:x1' => ['cca_a' => 450]]],
            'an alternator charges lithium through a DC–DC charger behind the starting bank' => ['B23', 'Put a DC–DC charger between them.', $two,
                [...$engine, 'charger:c2' => ['input' => 'alternator', 'outputs.0.profile' => 'lifepo4'], 'battery:x1' => ['chemistry' => 'lifepo4', 'continuous_a' => 100, 'peak_a' => 200]]],
            'one of two feeds that join two banks goes' => ['B28', 'Take run other to D1 out.', self::fedTwice(), ['battery:x1' => ['rested_v' => 11.9]]],
            'a charger joins two blocks of a series bank' => ['B29', 'Use a charger with isolated outputs, or one for each battery.', Plans::series(2),
                ['plan' => ['chargers' => [(object) ['id' => 'c', 'input' => 'mains', 'isolated_outputs' => false, 'outputs' => array_map(static fn (string $id): \stdClass => (object) ['battery' => $id, 'amps' => 10, 'profile' => 'agm', 'fuse_at' => 'battery', 'lead' => (object) ['gauge' => '12 AWG', 'length_m' => 1]], ['b1', 'b2'])]]]]],
            'an output is landed in the order of its string' => ['B29', 'Land it across them in their order, from the negative end up.', Plans::series(3), ['charger:charger-b1' => ['outputs.0.across' => ['b2', 'b1'], 'outputs.0.battery' => 'b2', 'outputs.0.volts' => 24]]],
            'strings of other volts become banks of their own' => ['B02', 'Make Battery 2 of house a bank of its own.', Plans::parallel(), ['battery:h2' => ['nominal_v' => 24, 'rested_v' => 26.6]]],
            'the odd string becomes a bank of its own' => ['B01', 'Make Battery 2 of house a bank of its own.', Plans::parallel(), ['battery:h2' => ['chemistry' => 'agm', 'rested_v' => 12.8]]],
            'strings that their maker does not allow become a bank of their own' => ['B21', 'Make Battery 2 of house a bank of its own.', Plans::parallel(), ['battery:h1' => ['max_parallel' => 1], 'battery:h2' => ['max_parallel' => 4]]],
            'a charger fills what nothing charges' => ['B11', 'Fit a mains charger of 6 A an output, set for AGM, fused at the battery.', Plans::pump(), ['plan' => ['chargers' => []]]],
            'gel has no figure, and no charger is offered' => ['B11', null, Plans::pump(), ['plan' => ['chargers' => []], 'battery:b1' => ['chemistry' => 'gel']]],
            'a charger is set lower' => ['B18', 'Set it lower: 30 A from charger c1.', Plans::pump(), ['charger:c1' => ['outputs.0.amps' => 35]]],
            'a charger is set no lower than half an ampere' => ['B18', 'Set it lower: 0.5 A from charger c1.', Plans::pump(), ['battery:b1' => ['capacity_ah' => 2], 'charger:c1' => ['outputs.0.amps' => 5]]],
            'a charger is exchanged for a larger one' => ['B18', 'Use a larger charger: 6 A from charger c1.', Plans::pump(), ['charger:c1' => ['outputs.0.amps' => 5]]],
            'a sensor goes to the nearest quiet place' => ['N05', 'Move it to the centreline, 3 m from the transom.', self::withRadio(), []],
            'a cable goes round a full tube' => ['W08', 'Lead Stern to Bow block another way, 4.1 m.', Plans::routed(), ['way:tube' => ['bore_mm' => 12]]],
            'what is fed by nothing hangs on the block' => ['D08', 'Hang it on a circuit of the fuses block, 4 free.', Plans::parallel(), ['plan' => ['devices' => [...(array) Plans::parallel()->root()->devices, (object) ['id' => 'radio', 'kind' => 'radio', 'v_min' => 10, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 4]]]]],
            'a breaker that heat does not open' => ['F15', 'Fit a magnetic breaker of 30 A.', Plans::pump(), ['feed:f1' => ['protection.0.family' => 'breaker', 'protection.0.rating_a' => 30, 'protection.0.resets_itself' => false, 'protection.0.trip_free' => true, 'run.gauge' => '14 AWG', 'run.length_m' => 1], 'device:d1' => ['typical_a' => 22, 'peak_a' => 29, 'kind' => 'motor', 'load' => 'current', 'thrust_n' => 300], 'plan' => ['house_rules' => (object) ['ambient_c' => 50, 'insulation_c' => 125]]]],
            'a blade at a strong bank, its wire, one change' => ['F01', 'Fit a magnetic breaker of 15 A within 0.15 m of the source.', Plans::pump(), ['feed:f1' => ['protection' => []], 'battery:b1' => ['internal_mohm' => 4]]],
            'a battery that is not held down' => ['B08', 'Fit a tray with a strap or a clamp that holds 400 N (90 lbf).', Plans::pump(), ['battery:b1' => ['restrained' => false]]],
            'a bare post' => ['B08', 'Put a boot over it.', Plans::pump(), ['battery:b1' => ['booted' => false]]],
            'a size that is made, where no wire of the boat lies behind' => ['F07', 'Fit 20 A.', Plans::pump(), ['charger:c1' => ['outputs.0.protection' => [(object) ['family' => 'blade', 'rating_a' => 22, 'from_source_m' => 0.1]], 'outputs.0.lead' => null]]],
            'no size, where nobody knows what the wire bears' => ['F07', null, Plans::pump(), ['feed:f1' => ['protection.0.rating_a' => 16, 'run.gauge' => '22 AWG', 'run.length_m' => 0.2], 'device:d1' => ['typical_a' => 1, 'peak_a' => 1], 'plan' => ['house_rules' => (object) ['stock_gauges' => ['22 AWG']]]]],
            'a fuse of the same size before it is its backup' => ['F05', null, Plans::pump(), ['battery:b1' => ['internal_mohm' => 3], 'feed:f1' => ['run.length_m' => 1, 'protection' => [(object) ['family' => 'battery-post', 'rating_a' => 30, 'from_source_m' => 0.1], (object) ['family' => 'blade', 'rating_a' => 30, 'from_source_m' => 0.15]]]]],
            'a stronger fuse before a branch' => ['F05', 'Fit a battery-post fuse of 30 A in Stern to Bow block: it breaks what this one cannot.', self::strongBlock(), []],
        ];
    }

    /** 84 A in 10 AWG behind a breaker of 100 A ask for 6 AWG, and that is too heavy for the wing nut it is held by: B09 is a stop. */
    public function test_changes_that_are_only_enough_together_are_offered_as_one(): void
    {
        $document = Plans::pump(['feed:f1' => ['run.gauge' => '10 AWG', 'run.length_m' => 1, 'fastening' => 'wing-nut', 'protection.0.family' => 'breaker-80', 'protection.0.rating_a' => 100, 'protection.0.resets_itself' => false, 'protection.0.trip_free' => true],
            'device:d1' => ['typical_a' => 75, 'peak_a' => 90]]);

        self::assertSame('Run 6 AWG. Use a proper nut with a lock washer, spanner tight.', Plans::remedy($document, 'W02')?->says);
        self::assertSame([['on' => 'feed:f1', 'path' => 'run.gauge'], ['on' => 'feed:f1', 'path' => 'fastening']], Plans::remedy($document, 'W02')?->patch->fields());
        self::assertSame('8 AWG in house to D1 gives 2.7 %.', Plans::remedy($document, 'W01')?->says, 'one that is enough by itself stays alone');
    }

    /** The pump on a bank of its own, and a second bank beside it. */
    private static function twoBanks(int $blocks = 1): PlanDocument
    {
        $root = Plans::pump()->root();
        $battery = get_object_vars($root->batteries[0]);
        $ids = array_map(static fn (int $number): string => "x{$number}", range(1, $blocks));
        foreach ($ids as $id) {
            $root->batteries[] = (object) [...$battery, 'id' => $id];
            $root->chargers[] = (object) [...get_object_vars($root->chargers[0]), 'id' => 'c'.(1 + (int) substr($id, 1)), 'outputs' => [(object) [...get_object_vars($root->chargers[0]->outputs[0]), 'battery' => $id]]];
        }
        $root->banks[] = (object) ['id' => 'other', 'strings' => [$ids], 'switch' => true, 'switch_rating_a' => 150, 'jumper' => (object) ['gauge' => '6 AWG']];

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    private static function threeBanks(): PlanDocument
    {
        $root = self::twoBanks()->root();
        $root->batteries[] = (object) [...get_object_vars($root->batteries[1]), 'id' => 'y1'];
        $root->chargers[] = (object) [...get_object_vars($root->chargers[1]), 'id' => 'c3', 'outputs' => [(object) [...get_object_vars($root->chargers[1]->outputs[0]), 'battery' => 'y1']]];
        $root->banks[] = (object) [...get_object_vars($root->banks[1]), 'id' => 'spare', 'strings' => [['y1']]];

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    private static function fedTwice(): PlanDocument
    {
        $root = self::twoBanks()->root();
        $root->feeds[] = (object) [...get_object_vars($root->feeds[0]), 'id' => 'f2', 'from' => (object) ['bank' => 'other']];

        return StandardAreas::areas()->format->document(json_encode($root, JSON_THROW_ON_ERROR));
    }

    /** A loudspeaker at 2 m on the centreline, the sensor beside it, 0.4 m off. */
    private static function withRadio(): PlanDocument
    {
        return Plans::changed(Plans::routed(), ['plan' => ['devices' => [...array_map(static fn (\stdClass $device): \stdClass => $device->id === 'heading' ? (object) [...get_object_vars($device), 'at_m' => (object) ['x_m' => 2.4, 'y_m' => 0]] : $device, (array) Plans::routed()->root()->devices),
            (object) ['id' => 'radio', 'kind' => 'radio', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 2, 'at_m' => (object) ['x_m' => 2.0, 'y_m' => 0]]]]]);
    }

    /** A block so near a strong bank that neither its blades nor the strip fuse before them break what flows. */
    private static function strongBlock(): PlanDocument
    {
        return Plans::changed(Plans::routed(), ['feed:main' => ['run' => (object) ['length_m' => 0.4, 'gauge' => '2 AWG'], 'protection' => [(object) ['family' => 'strip-small', 'rating_a' => 30, 'from_source_m' => 0.1]]], 'battery:b1' => ['internal_mohm' => 3]]);
    }
}
