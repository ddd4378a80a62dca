<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PlanVersion;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Who may call what: every route of the API, by everybody. */
final class PermissionTest extends TestCase
{
    /** of no finding: what is asked is whether somebody may ask at all */
    private const OCCASION = '00000000000000000000000000000000';

    private const NO_UPLOAD = '00000000-0000-4000-8000-000000000000';

    private const EDIT = ['base' => 1, 'patch' => [['on' => 'feed:house', 'set' => ['run.gauge' => '4 AWG']]]];

    /**
     * @param  array<string, mixed>  $body
     * @param  int|null  $rigger  null: as the owner
     */
    #[DataProvider('routes')]
    public function test_permissions(string $method, string $path, array $body, int $owner, int $apprentice, int $stranger, ?int $rigger = null): void
    {
        $uri = '/api/'.str_replace(['{job}', '{acceptance}', '{board}', '{photograph}', '{upload}', '{number}', '{id}', '{person}', '{stage}', '{part}', '{template}', '{item}', '{length}', '{order}', '{table}', '{question}', '{load_test}'], [(string) $this->skiff()->id, '999', 'stern-board', (string) $this->skiff()->photographs()->value('content'), self::NO_UPLOAD, '1', self::NO_UPLOAD, '999999', 'survey', '999999', '999999', '999999', '999999', '999999', 'wires', '999999', (string) $this->loadTest()], $path);
        $this->json($method, $uri, $body)->assertStatus(401);
        foreach (['apprentice' => $apprentice, 'rigger' => $rigger ?? $owner, ...($rigger === null ? [] : ['owner' => $owner])] as $role => $status) {
            $answer = $this->actingAs($this->person($role))->json($method, $uri, $body);
            $answer->assertStatus($status);
            $this->app?->make('auth')->forgetGuards();
        }
        $before = PlanVersion::query()->count();
        $this->actingAs($this->stranger())->json($method, $uri, $body)->assertStatus($stranger);
        if ($stranger === 404) {
            self::assertSame($before, PlanVersion::query()->count());
        }
    }

    /** Nobody learns by asking how many boats other shops have. */
    public function test_what_another_shop_has_looks_like_what_there_is_not(): void
    {
        $this->actingAs($this->stranger());
        $job = $this->skiff()->id;
        foreach (['', '/plan', '/stages/survey', '/log', '/plan/versions/1'] as $path) {
            [$theirs, $none] = [$this->getJson("/api/jobs/{$job}{$path}")->assertNotFound(), $this->getJson("/api/jobs/999999{$path}")->assertNotFound()];
            self::assertSame($none->getContent(), $theirs->getContent());
        }
        $this->postJson("/api/jobs/{$job}/plan/edits", ['nonsense' => 1])->assertNotFound();
        $this->postJson("/api/jobs/{$job}/readings", [])->assertNotFound();
    }

    public function test_who_may_not_is_told_so_before_what_is_wrong_with_it(): void
    {
        $this->actingAs($this->person('apprentice'));
        $job = $this->skiff()->id;
        foreach (['plan/edits', 'plan/parts', 'plan/proposals'] as $path) {
            self::assertStringContainsString('apprentices change no plan', (string) $this->postJson("/api/jobs/{$job}/{$path}", [])->assertForbidden()->json('message'));
        }
        $this->postJson('/api/jobs', [])->assertForbidden();
    }

    private function loadTest(): int
    {
        return $this->skiff()->loadTests()->create(['user_id' => $this->person('rigger')->id, 'circuit' => 'feed:bow-motor', 'taken_on' => '2026-11-29', 'load_name' => 'pile', 'amps' => 37, 'celsius' => 20, 'meter' => 'm', 'volts' => ['source' => 37.6], 'kept_at' => now()])->id;
    }

    /** @return array<string, array{0: string, 1: string, 2: array<string, mixed>, 3: int, 4: int, 5: int, 6?: int}> */
    public static function routes(): array
    {
        $plan = (string) file_get_contents(__DIR__.'/../../database/demo/mistakes/skiff.json');

        return [
            'who' => ['GET', 'session', [], 200, 200, 200],
            'sign out' => ['DELETE', 'session', [], 204, 204, 204],
            'people' => ['GET', 'people', [], 200, 403, 200, 403],
            'end of sign-ins' => ['DELETE', 'people/{person}/sessions', [], 404, 403, 404, 403],
            'own password' => ['PUT', 'password', ['current' => 'not it', 'password' => 'long enough to keep'], 422, 422, 422],
            'house rules' => ['GET', 'house-rules', [], 200, 200, 200],
            'house rules tried' => ['POST', 'house-rules/try', ['set' => ['layup_days' => '14']], 200, 200, 200],
            'house rules kept' => ['PUT', 'house-rules', ['version' => 1, 'set' => ['layup_days' => '14']], 200, 403, 200, 403],
            'stock' => ['GET', 'stock', [], 200, 200, 200],
            'stock to order' => ['GET', 'stock/orders', [], 200, 200, 200],
            'stock ordered' => ['POST', 'stock/orders', ['orders' => [['item' => 'Nothing', 'missing' => 1, 'quantity' => 1]]], 409, 403, 409],
            'stock arrived' => ['POST', 'stock/orders/{order}/arrived', ['awaited' => 1], 404, 403, 404],
            'stock taken back' => ['DELETE', 'stock/orders/{order}', [], 404, 403, 404],
            'stock as a table' => ['GET', 'stock/table', [], 200, 200, 200],
            'stock looked at' => ['POST', 'stock/table', ['csv' => "name,unit\nTie,pcs", 'keep' => false], 200, 200, 200],
            'stock taken in' => ['POST', 'stock/table', ['csv' => "name,unit\nTie,pcs", 'keep' => true], 200, 403, 200],
            'stock, one more' => ['POST', 'stock/items', ['name' => 'Tie', 'unit' => 'pcs'], 409, 403, 201],
            'stock counted' => ['PUT', 'stock/items/{item}', ['version' => 1, 'on_hand' => 3], 404, 403, 404],
            'stock, a length more' => ['POST', 'stock/items/{item}/lengths', ['metres' => 3], 404, 403, 404],
            'stock, a length less' => ['DELETE', 'stock/items/{item}/lengths/{length}', [], 404, 403, 404],
            'kit taken' => ['POST', 'jobs/{job}/kit', ['do' => 'take', 'plan' => 'another'], 409, 403, 404],
            'kit table' => ['GET', 'jobs/{job}/kit/tables/{table}', [], 200, 200, 404],
            'shed' => ['GET', 'shed', [], 200, 200, 200],
            'new job' => ['POST', 'jobs', ['customer' => 'A', 'title' => 'B', 'plan' => $plan], 201, 403, 201],
            'job' => ['GET', 'jobs/{job}', [], 200, 200, 404],
            'edit' => ['POST', 'jobs/{job}/plan/edits', self::EDIT, 200, 403, 404],
            'preview' => ['POST', 'jobs/{job}/plan/preview', ['patch' => self::EDIT['patch']], 200, 200, 404],
            'log' => ['GET', 'jobs/{job}/log', [], 200, 200, 404],
            'offers' => ['GET', 'jobs/{job}/offers?part=999999', [], 404, 404, 404],
            'bench' => ['GET', 'jobs/{job}/bench?bank=thrust', [], 200, 200, 404],
            'proposals' => ['POST', 'jobs/{job}/plan/proposals', ['make' => 'turn', 'bank' => 'thrust'], 200, 403, 404],
            'undo' => ['POST', 'jobs/{job}/plan/undo', [], 409, 403, 404],
            'redo' => ['POST', 'jobs/{job}/plan/redo', [], 409, 403, 404],
            'import' => ['PUT', 'jobs/{job}/plan?base=1', (array) json_decode($plan, true), 200, 403, 404],
            'compare' => ['POST', 'jobs/{job}/plan/comparison', (array) json_decode($plan, true), 200, 200, 404],
            'an old version' => ['GET', 'jobs/{job}/plan/versions/{number}', [], 200, 200, 404],
            'an old version brought back' => ['POST', 'jobs/{job}/plan/versions/{number}/restore?base=1', [], 200, 403, 404],
            'whether it was kept' => ['GET', 'changes/{id}', [], 200, 200, 200],
            'add a part' => ['POST', 'jobs/{job}/plan/parts', ['part' => 1], 200, 403, 404],
            'take a part out' => ['DELETE', 'jobs/{job}/plan/parts', ['on' => 'device:hub'], 200, 403, 404],
            'catalogue as a table' => ['GET', 'catalogue/table', [], 200, 200, 200],
            'catalogue from a table' => ['POST', 'catalogue/table', ['csv' => "kind,name\n", 'keep' => true], 200, 403, 200, 403],
            'catalogue' => ['GET', 'catalogue', [], 200, 200, 200],
            'settings' => ['GET', 'settings', [], 200, 200, 200],
            'other settings' => ['PUT', 'settings', ['version' => 1, 'settings' => ['units' => 'metric', 'currency' => 'CHF', 'locale' => 'de-CH', 'date_form' => 'iso', 'tax_name' => 'MWST', 'tax_pct' => 8.1, 'labels' => [], 'instruments' => []]], 200, 403, 200, 403],
            'a new part of the catalogue' => ['POST', 'catalogue/parts', ['kind' => 'switch', 'name' => 'Battery switch, 100 A', 'figures' => ['rating_a' => '100 A']], 201, 403, 201, 403],
            'a part of the catalogue changed' => ['PUT', 'catalogue/parts/{part}', ['version' => 1, 'retired' => true], 404, 403, 404, 403],
            'decide' => ['POST', 'jobs/{job}/decisions', ['occasion' => self::OCCASION, 'reason' => 'as agreed'], 409, 403, 404],
            'open again' => ['DELETE', 'jobs/{job}/decisions/{acceptance}', [], 404, 403, 404],
            'export' => ['GET', 'jobs/{job}/plan', [], 200, 200, 404],
            'why' => ['GET', 'jobs/{job}/why?figure=run:house:drop_v', [], 200, 200, 404],
            'remedies' => ['GET', 'jobs/{job}/remedies', [], 200, 200, 404],
            'a monitor\'s log' => ['POST', 'jobs/{job}/day/log?bank=nobody', [], 422, 422, 404],
            'days by kind of fishing' => ['GET', 'day-templates', [], 200, 200, 200],
            'a day kept' => ['POST', 'jobs/{job}/day-templates', ['name' => 'Trolling'], 200, 403, 404, 403],
            'a day taken out' => ['DELETE', 'day-templates/{template}', [], 404, 403, 404, 403],
            'electronics over the day' => ['GET', 'jobs/{job}/day/supplies', [], 200, 200, 404],
            'day variants' => ['GET', 'jobs/{job}/day/variants?hours=4', [], 200, 200, 404],
            'supply' => ['GET', 'jobs/{job}/supply', [], 200, 200, 404],
            'meter' => ['GET', 'jobs/{job}/meter?plus=b3%2B&minus=b1-', [], 200, 200, 404],
            'short' => ['GET', 'jobs/{job}/short?run=house', [], 200, 200, 404],
            'a log of sentences' => ['POST', 'sentences', [], 200, 200, 200],
            'instruments' => ['GET', 'jobs/{job}/instruments', [], 200, 200, 404],
            'lead line' => ['GET', 'jobs/{job}/lead-line?transducer=transom-transducer&sounded=4.5&depth_m=4.2', [], 200, 200, 404],
            'a stage' => ['GET', 'jobs/{job}/stages/{stage}', [], 200, 200, 404],
            'day sheet' => ['GET', 'jobs/{job}/day-sheet', [], 200, 200, 404],
            'survey sheet' => ['GET', 'jobs/{job}/survey-sheet', [], 200, 200, 404],
            'other routes' => ['GET', 'jobs/{job}/routes?run=house', [], 200, 200, 404],
            'wiring slip' => ['GET', 'jobs/{job}/terminal-blocks/{block}', [], 404, 404, 404],
            'board' => ['GET', 'jobs/{job}/boards/{board}', [], 200, 200, 404],
            'photograph' => ['GET', 'jobs/{job}/photographs/{photograph}', [], 200, 200, 404],
            'send a photograph' => ['POST', 'jobs/{job}/photographs/uploads', [], 422, 422, 404],
            'how much has arrived' => ['GET', 'jobs/{job}/photographs/uploads/{upload}', [], 404, 404, 404],
            'a piece of it' => ['PATCH', 'jobs/{job}/photographs/uploads/{upload}', [], 404, 404, 404],
            'work sheet' => ['GET', 'jobs/{job}/work-sheet', [], 200, 200, 404],
            'how the work stands' => ['GET', 'jobs/{job}/work', [], 200, 200, 404],
            'how it is done' => ['GET', 'jobs/{job}/work/methods', [], 200, 200, 404],
            'readings of a step judged' => ['POST', 'jobs/{job}/work/judgements', ['step' => 'rest:feed:bow-motor', 'values' => [38.1]], 200, 200, 404],
            'work entered' => ['POST', 'jobs/{job}/work/entries', ['entries' => [['id' => self::NO_UPLOAD, 'step' => 'no such', 'act' => 'note', 'at' => '2026-11-29T12:00:00+00:00', 'by' => 1, 'words' => 'x']]], 200, 200, 404],
            'an owner asked' => ['POST', 'jobs/{job}/questions', ['id' => self::NO_UPLOAD, 'step' => 'no such', 'words' => 'May we?'], 422, 422, 404],
            'a question taken back' => ['DELETE', 'jobs/{job}/questions/{question}', [], 404, 404, 404],
            'what works' => ['GET', 'jobs/{job}/functions', [], 200, 200, 404],
            'what is said to work' => ['PUT', 'jobs/{job}/functions', ['name' => 'Horn', 'moment' => 'coming', 'state' => 'works', 'version' => 0], 200, 200, 404],
            'what is signed' => ['POST', 'jobs/{job}/functions/signatures', ['moment' => 'coming', 'name' => 'Maren', 'strokes' => []], 422, 422, 404],
            'whose hand it is' => ['GET', 'jobs/{job}/hands', [], 200, 200, 404],
            'into another hand' => ['POST', 'jobs/{job}/hands', ['person' => 999999, 'code' => '1234'], 422, 422, 404],
            'given back' => ['DELETE', 'jobs/{job}/hands', [], 200, 200, 404],
            'four digits' => ['PUT', 'hands/code', ['code' => '1234', 'password' => 'not it'], 422, 422, 422],
            'reading at rest judged' => ['POST', 'jobs/{job}/readings/judgements', ['meter_point' => 'b1', 'value' => 12.7], 200, 200, 404],
            'what a meter shows' => ['GET', 'jobs/{job}/hand-meter?name=none', [], 404, 404, 404],
            'test under load' => ['POST', 'jobs/{job}/load-tests', ['on' => 'feed:bow-motor', 'taken_on' => '2026-11-29', 'load' => 'pile', 'amps' => 37, 'celsius' => 20, 'meter' => 'm', 'volts' => ['source' => 37.6, 'feed:bow-motor' => 37.1]], 200, 200, 404],
            'test under load taken back' => ['DELETE', 'jobs/{job}/load-tests/{load_test}', [], 200, 403, 404],
            'reading' => ['POST', 'jobs/{job}/readings', ['meter_point' => 'b1', 'volts' => '12.7'], 200, 200, 404],
        ];
    }

    public function test_every_route_of_the_api_is_tested_here(): void
    {
        $tested = array_map(static fn (array $route): string => $route[0].' api/'.explode('?', $route[1])[0], array_values(self::routes()));
        foreach (Route::getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && in_array('auth', $route->gatherMiddleware(), true)) {
                self::assertContains($route->methods()[0].' '.$route->uri(), $tested);
            }
        }
    }
}
