<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PlanVersion;
use Dinghy\Tests\Seed;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** Thousands of requests that no page sends, over every route: each is answered, none by a fault of the server. SEED=n repeats a run. */
final class FuzzTest extends TestCase
{
    private const REQUESTS = 5200;

    /** Slow answers, and those that a query or a body changes little. */
    private const SELDOM = ['api/jobs/{job}/work-sheet', 'api/jobs/{job}/survey-sheet', 'api/jobs/{job}/day-sheet', 'api/jobs/{job}/day/variants', 'api/jobs/{job}/day/supplies', 'api/jobs/{job}/supply', 'api/shed', 'api/jobs/{job}/remedies', 'api/house-rules/try', 'api/stock/orders'];

    private const NAMES = [
        'units', 'base', 'own', 'patch', 'typed', 'reason', 'figure', 'part', 'on', 'run', 'bank', 'feed', 'make', 'name', 'kind', 'station', 'at', 'bends', 'text', 'check', 'series', 'parallel', 'branches',
        'plus', 'minus', 'state', 'volts', 'meter_point', 'occasion', 'csv', 'keep', 'set', 'version', 'customer', 'title', 'plan', 'boat', 'hull', 'promised_on', 'email', 'password', 'current', 'token', 'step', 'thumbnail', 'length', 'width', 'cranking_a', 'do', 'metres', 'count', 'unit', 'on_hand', 'price', 'priced_on', 'delivery_days', 'as', 'orders', 'quantity', 'missing', 'item', 'expected_on', 'awaited', 'entries', 'act', 'by', 'tick', 'following', 'words', 'what', 'value', 'person', 'code', 'moment', 'state', 'strokes', 'answer', 'price', 'delay_days', 'picture', 'values', 'checked', 'taken_on', 'load', 'amps', 'celsius', 'meter', 'readings',
    ];

    private const WORDS = ['', 'x', 'imperial', 'metric', '0', '-1', '1e999', '12 V', 'feed:house', 'device:hub', 'block:bow-block', 'plan', 'thrust', 'house', 'turn', 'strings', 'split', 'station', 'way', 'move', 'bends', 'drawn', 'part', 'point', 'hole', 'board', 'complaint', 'found', 'b1+', 'b1', 'run.gauge', 'feeds.0', 'feeds.0.run.gauge', "a\0b", "\xC3\x28", '🚤', 'ＡＷＧ', '../../etc', "'; drop table jobs; --", '<script>', '%s%n', 'null', 'run:house:drop_v', 'supply:own:hours', '2026-02-30', '=1+1', 'take', 'cut', 'keep-prices', 'm', 'pcs', 'table', 'done', 'undo', 'as-built', 'longer', 'photograph:stern', '2026-11-29T12:00:00+00:00', '00000000-0000-4000-8000-000000000000'];

    public function test_no_request_is_answered_by_a_fault(): void
    {
        $seed = Seed::sown();
        $routes = array_values(array_filter(iterator_to_array(Route::getRoutes()), static fn ($route): bool => str_starts_with($route->uri(), 'api/')));
        $often = array_values(array_filter($routes, static fn ($route): bool => ! in_array($route->uri(), self::SELDOM, true)));
        $people = ['owner' => $this->person('owner'), 'rigger' => $this->person('rigger'), 'apprentice' => $this->person('apprentice'), 'stranger' => $this->stranger()];
        $job = $this->skiff();
        $asked = [];
        $faults = [];
        for ($i = 0; $i < self::REQUESTS; $i++) {
            $route = $i < count($routes) ? $routes[$i] : self::oneOf($often);
            $method = $route->methods()[0];
            $uri = '/'.preg_replace_callback('/\{\w+\}/', static fn (array $name): string => match ($name[0]) {
                '{job}' => (string) self::oneOf([$job->id, $job->id, $job->id, $job->id, 0, '99999999999999999999']),
                '{number}' => (string) self::oneOf([1, 2, 999, 999999999]),
                '{upload}', '{id}' => '00000000-0000-4000-8000-000000000000',
                default => rawurlencode((string) self::oneOf(['1', 'stern-board', '999999999', 'x', '%', "\0", '🚤'])),
            }, $route->uri());
            $query = mt_rand(0, 2) === 0 ? '?'.self::query() : '';
            [$body, $type] = $route->methods()[0] !== 'GET' && mt_rand(0, 2) > 0 ? [self::nearly($route->uri()), 'application/json'] : self::body();
            $this->app?->make('auth')->forgetGuards();
            $this->actingAs($people[self::oneOf(['owner', 'owner', 'owner', 'rigger', 'apprentice', 'stranger'])]);
            $answer = $this->call($method, $uri.$query, server: [
                'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => $type,
                ...(mt_rand(0, 3) === 0 ? ['HTTP_CHANGE_ID' => self::oneOf(self::WORDS), 'HTTP_UPLOAD_LENGTH' => self::oneOf(self::WORDS), 'HTTP_UPLOAD_OFFSET' => self::oneOf(self::WORDS), 'HTTP_UPLOAD_METADATA' => self::oneOf(['of', 'of !!!', 'of '.base64_encode("\xC3\x28"), 'of '.base64_encode('other').',words', ','])] : []),
            ], content: $body);
            $asked["{$method} {$route->uri()}"] = true;
            if ($answer->getStatusCode() >= 500) {
                $faults["{$method} {$route->uri()}: ".($answer->exception?->getMessage() ?? $answer->getStatusCode())] ??= substr("{$query} {$body}", 0, 300);
            }
        }
        self::assertSame([], $faults, "SEED={$seed}");
        self::assertCount(count($routes), $asked);
        self::assertGreaterThan(5, PlanVersion::query()->count(), 'some of it was a change');
    }

    public function test_a_megabyte_of_unknown_fields_on_an_old_base_is_refused_at_once(): void
    {
        $this->actingAs($this->person('rigger'));
        $set = [];
        for ($i = 0; $i < 40_000; $i++) {
            $set["unknown_{$i}"] = 'a value that means nothing';
        }
        $this->postJson("/api/jobs/{$this->skiff()->id}/plan/edits", ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => $set]]])->assertStatus(413)->assertJson(['message' => 'Not kept: the request is larger than 256 kB.']);
    }

    /** What was seen to fail once, each with a sentence. */
    public function test_malformed_requests_are_named(): void
    {
        $this->actingAs($this->person('rigger'));
        $job = "/api/jobs/{$this->skiff()->id}";
        $raw = fn (string $body, string $path = '/plan/edits') => $this->call('POST', $job.$path, server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'], content: $body);
        $value = static fn (string $json): string => '{"base":1,"patch":[{"on":"feed:house","set":{"run.length_m":'.$json.'}}]}';
        self::assertStringContainsString('"units" is given as a list', (string) $this->getJson("{$job}?units[]=x")->assertUnprocessable()->json('message'));
        $this->getJson("{$job}?units=")->assertOk();
        self::assertStringContainsString('32 deep', (string) $raw($value(str_repeat('[', 40).str_repeat(']', 40)))->assertStatus(400)->json('message'));
        self::assertStringContainsString('no JSON', (string) $raw('{"base":1,')->assertStatus(400)->json('message'));
        self::assertStringContainsString('no JSON', (string) $raw('{"base":1,"patch":[{"on":"feed:house","set":{"\u0000x":1}}]}')->assertStatus(400)->json('message'));
        self::assertStringContainsString('too large to be one', (string) $raw($value('1e999'))->assertUnprocessable()->json('message'));
        self::assertStringContainsString('too large to be one', (string) $raw($value(str_repeat('9', 5000)))->assertUnprocessable()->json('message'));
        self::assertStringContainsString('Name the part itself', (string) $raw('{"base":1,"patch":[{"on":"plan","set":{"feeds.0":5}}]}')->assertUnprocessable()->json('message'));
        foreach (['[]', '{}', 'null', '5', '"x"', '[[]]', '{"base":{},"patch":{"on":[]}}', '{"base":1,"patch":[{"on":{},"set":[]}]}', '{"base":1,"patch":[{"on":"feed:house","put":5}]}'] as $body) {
            self::assertContains($raw($body)->getStatusCode(), [400, 422], $body);
        }
        self::assertSame(1, $this->skiff()->plan?->number);
    }

    /** What a page sends there, a thing or two of it replaced. */
    private static function nearly(string $uri): string
    {
        $edit = static fn (array $step): array => ['base' => self::oneOf([1, 1, 2, 99]), 'own' => [2], 'units' => 'imperial', 'patch' => [$step]];
        $body = match ($uri) {
            'api/session' => ['email' => 'owner@fernhollow.example', 'password' => 'no'],
            'api/password-links' => ['token' => 'x', 'password' => 'long enough to keep'],
            'api/password' => ['current' => 'x', 'password' => 'long enough to keep'],
            'api/jobs' => ['customer' => 'A', 'title' => 'B', 'boat' => 'C', 'hull' => 'box', 'units' => 'metric', 'promised_on' => '2026-12-24', 'like' => self::oneOf([null, 1, 999])],
            'api/house-rules', 'api/house-rules/try' => ['version' => 1, 'units' => 'metric', 'set' => [self::oneOf(['layup_days', 'drop_pct.thrust', 'stock_gauges', 'insulation_c', 'joint', 'numbering_end']) => '14']],
            'api/catalogue/table' => ['csv' => "kind,name,chemistry,nominal_v,capacity_ah,price\nbattery,N,agm,12,100,".self::oneOf(['1', '1e308', '-1', '1e999', 'x'])."\n", 'keep' => true],
            'api/jobs/{job}/plan/edits', 'api/jobs/{job}/plan/preview' => self::oneOf([
                $edit(['on' => 'feed:house', 'set' => ['run.gauge' => '4 AWG', 'protection.0.rating_a' => 30]]), $edit(['on' => 'station:bow', 'set' => ['x_m' => 5, 'y_m' => 0]]), $edit(['on' => 'way:w-stern-tiller', 'set' => ['length_m' => 2, 'bends_m' => []]]),
                $edit(['on' => 'device:hub', 'put' => ['id' => 'hub', 'kind' => 'other', 'v_min' => 9, 'v_max' => 16, 'typical_a' => 1, 'peak_a' => 1]]), $edit(['on' => 'branch:br-hub', 'put' => null]), $edit(['on' => 'plan', 'unset' => ['boat', 'survey', 'house_rules']]),
                $edit(['on' => 'bank:thrust', 'set' => ['jumpers' => [['id' => 'j', 'from' => 'b1+', 'to' => 'b2-']]]]), $edit(['on' => 'plan', 'set' => ['devices' => [], 'feeds' => [], 'survey' => ['photographs' => []]]]),
                ['base' => 1, 'typed' => ['on' => 'feed:house', 'field' => 'run.length_m', 'text' => '7', 'shown' => '5 in']], ['base' => 1, 'typed' => ['on' => 'bank:thrust', 'field' => 'shunt', 'value' => ['rating_a' => '300 A', 'stud' => 'M8']]], ['base' => 1, 'typed' => ['on' => 'feed:house', 'field' => self::oneOf(['protection', 'run.connectors', 'run.route', 'run', 'from', 'to']), 'value' => [['family' => 'breaker', 'rating_a' => '30 A']]]], ['base' => 1, 'typed' => ['on' => 'plan', 'fields' => [['field' => 'boat.compass_m.x_m', 'text' => '1'], ['field' => 'boat.compass_m.y_m', 'text' => '0', 'shown' => '1 m']]]],
            ]),
            'api/jobs/{job}/plan/proposals' => self::oneOf([
                ['make' => 'turn', 'bank' => 'thrust'], ['make' => 'strings', 'bank' => 'thrust', 'series' => 3], ['make' => 'split', 'feed' => 'house', 'branches' => ['br-hub']], ['make' => 'station', 'name' => 'N', 'at' => ['x_m' => 1, 'y_m' => 0]], ['make' => 'way', 'from' => 'bow', 'to' => 'stern-box', 'kind' => 'open'],
                ['make' => 'move', 'station' => 'bow', 'at' => ['x_m' => 1, 'y_m' => 0]], ['make' => 'bends', 'way' => 'w-stern-tiller', 'bends' => [['x_m' => 1, 'y_m' => 0]]], ['make' => 'drawn', 'way' => 'w-stern-tiller'], ['make' => 'part', 'kind' => 'hole', 'name' => 'N', 'part' => ['station' => 'bow']], ['make' => 'part', 'kind' => self::oneOf(['bond', 'feed', 'charger', 'device']), 'name' => 'N', 'part' => ['from' => 'thrust', 'to' => 'electronics', 'outputs' => [['battery' => 'b1', 'amps' => '5 A']]]], ['make' => 'part', 'kind' => 'branch', 'in' => 'block:bow-block', 'name' => 'N', 'part' => ['class' => 'general', 'run' => ['length_m' => '2 m'], 'to' => ['device' => 'hub']]], ['make' => 'point', 'check' => 'old', 'name' => 'N', 'text' => '12'],
            ]),
            'api/jobs/{job}/plan/parts' => ['part' => mt_rand(1, 45), 'on' => 'device:hub', 'name' => 'N', 'station' => 'bow', 'bank' => 'thrust', 'run' => 'house', 'series' => 2, 'parallel' => 1, 'cranking_a' => 300],
            'api/settings' => ['version' => 1, 'settings' => ['units' => 'metric', 'currency' => 'EUR', 'locale' => 'en-IE', 'date_form' => 'iso', 'tax_name' => 'VAT', 'tax_pct' => 20, 'labels' => [['width_mm' => 50, 'height_mm' => 15]], 'instruments' => [['name' => 'N', 'kind' => 'meter', 'host' => '127.0.0.1', 'port' => 9000]]]],
            'api/catalogue/parts' => ['kind' => self::oneOf(['battery', 'device', 'wire', 'shunt', 'switch', 'charger']), 'name' => 'N', 'figures' => ['rating_a' => '300 A', 'gauge' => '6 AWG', 'lead' => ['gauge' => '6 AWG', 'length_m' => '1 m'], 'size_mm' => '1 x 2 x 3', 'price' => '12,50', 'soc' => '5 %']],
            'api/catalogue/parts/{part}' => ['version' => 1, 'name' => 'N', 'figures' => ['rating_a' => '300 A', 'price' => self::oneOf(['1', [], '1e400', null])]],
            'api/jobs/{job}/plan/undo', 'api/jobs/{job}/plan/redo' => ['step' => 2],
            'api/jobs/{job}/decisions' => ['occasion' => str_repeat('0', 32), 'reason' => 'as agreed'],
            'api/jobs/{job}/load-tests' => ['on' => 'feed:bow-motor', 'taken_on' => '2026-11-29', 'load' => 'pile', 'amps' => 37, 'celsius' => 20, 'meter' => 'm', 'volts' => ['source' => 37.6, 'feed:bow-motor' => 37.1]],
            'api/jobs/{job}/work/judgements' => ['step' => 'rest:feed:bow-motor', 'values' => [38.1], 'checked' => true],
            'api/jobs/{job}/readings/judgements' => ['meter_point' => 'b1', 'value' => 12.7, 'checked' => false],
            'api/jobs/{job}/readings' => ['meter_point' => 'b1', 'volts' => '12.7'],
            default => ['format' => 'dinghy-plan', 'version' => 1, 'boat' => ['name' => 'N'], 'own_house_rules' => ['drop_pct.thrust'], 'house_rules' => ['drop_pct' => ['thrust' => 4]]],
        };
        $spoil = static function (mixed $node) use (&$spoil): mixed {
            if (mt_rand(0, 9) === 0) {
                return self::tree(2);
            }

            return is_array($node) ? array_map($spoil, $node) : $node;
        };

        return json_encode(array_map($spoil, $body), JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @return array{string, string} body and content type */
    private static function body(): array
    {
        return match (mt_rand(0, 6)) {
            0 => ['', 'application/json'],
            1 => [self::oneOf(['{', '[]', 'null', '1e999', '{"a":1e999}', '{"\u0000":1}', str_repeat('[', 60), '"x"', str_repeat('9', 5000), '{"patch":'.str_repeat('{"a":', 35).'1'.str_repeat('}', 36)]), 'application/json'],
            2 => [self::query(), 'application/x-www-form-urlencoded'],
            3 => [implode('', array_map(static fn (): string => chr(mt_rand(0, 255)), range(1, mt_rand(1, 60)))), self::oneOf(['application/octet-stream', 'text/plain', 'application/offset+octet-stream', 'application/json'])],
            default => [json_encode(self::tree(3, true), JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), 'application/json'],
        };
    }

    private static function query(): string
    {
        $pairs = [];
        for ($i = mt_rand(1, 3); $i > 0; $i--) {
            $pairs[] = rawurlencode(self::oneOf(self::NAMES)).self::oneOf(['', '', '[]', '[0][x]', '[a']).'='.rawurlencode(self::oneOf(self::WORDS));
        }

        return implode('&', $pairs);
    }

    private static function tree(int $depth, bool $isRoot = false): mixed
    {
        $kind = $isRoot ? 0 : mt_rand(0, $depth > 0 ? 9 : 6);
        if ($kind === 0 || $kind === 7) {
            $tree = [];
            for ($i = mt_rand(1, 5); $i > 0; $i--) {
                $key = self::oneOf([...self::NAMES, 'id', 'put', 'unset', 'in', 'x_m', 'y_m', 'field', 'fields', 'shown', 'run.gauge', 'feeds.0', 'a b', 'layup_days', 'drop_pct.thrust']);
                $tree[$key] = $key === 'base' && mt_rand(0, 1) === 0 ? 1 : self::tree($depth - 1);
            }

            return (object) $tree;
        }

        return match ($kind) {
            1 => null,
            2 => mt_rand(0, 1) === 1,
            3 => self::oneOf([0, 1, -1, 2, 1.5, 1e308, -1e308, PHP_INT_MAX, 1e-300]),
            8, 9 => array_map(static fn (): mixed => self::tree($depth - 1), array_fill(0, mt_rand(0, 3), null)),
            default => self::oneOf([...self::WORDS, str_repeat('x', 400)]),
        };
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     * @return T
     */
    private static function oneOf(array $of): mixed
    {
        return array_values($of)[mt_rand(0, count($of) - 1)];
    }
}
