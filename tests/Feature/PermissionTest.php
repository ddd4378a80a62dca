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

    /** @param  array<string, mixed>  $body */
    #[DataProvider('routes')]
    public function test_permissions(string $method, string $path, array $body, int $rigger, int $apprentice, int $stranger): void
    {
        $uri = '/api/'.str_replace(['{job}', '{acceptance}', '{board}', '{photograph}', '{upload}'], [(string) $this->skiff()->id, '999', 'stern-board', 'photo-stern', self::NO_UPLOAD], $path);
        $this->json($method, $uri, $body)->assertStatus(401);
        foreach (['owner' => $rigger, 'apprentice' => $apprentice] as $role => $status) {
            $answer = $this->actingAs($this->person($role))->json($method, $uri, $body);
            $answer->assertStatus($status);
            $this->app?->make('auth')->forgetGuards();
        }
        $before = PlanVersion::query()->count();
        $this->actingAs($this->stranger())->json($method, $uri, $body)->assertStatus($stranger);
        if ($stranger === 403) {
            self::assertSame($before, PlanVersion::query()->count());
        }
    }

    /** @return array<string, array{string, string, array<string, mixed>, int, int, int}> */
    public static function routes(): array
    {
        $plan = (string) file_get_contents(__DIR__.'/../../database/demo/mistakes/skiff.json');

        return [
            'who' => ['GET', 'session', [], 200, 200, 200],
            'sign out' => ['DELETE', 'session', [], 204, 204, 204],
            'house rules' => ['GET', 'house-rules', [], 200, 200, 200],
            'house rules tried' => ['POST', 'house-rules/try', ['set' => ['layup_days' => '14']], 200, 200, 200],
            'house rules kept' => ['PUT', 'house-rules', ['version' => 1, 'set' => ['layup_days' => '14']], 200, 403, 200],
            'shed' => ['GET', 'shed', [], 200, 200, 200],
            'new job' => ['POST', 'jobs', ['customer' => 'A', 'title' => 'B', 'plan' => $plan], 201, 403, 201],
            'job' => ['GET', 'jobs/{job}', [], 200, 200, 403],
            'edit' => ['POST', 'jobs/{job}/plan/edits', self::EDIT, 200, 403, 403],
            'preview' => ['POST', 'jobs/{job}/plan/preview', ['patch' => self::EDIT['patch']], 200, 200, 403],
            'log' => ['GET', 'jobs/{job}/log', [], 200, 200, 403],
            'offers' => ['GET', 'jobs/{job}/offers?part=999999', [], 404, 404, 403],
            'bench' => ['GET', 'jobs/{job}/bench?bank=thrust', [], 200, 200, 403],
            'proposals' => ['POST', 'jobs/{job}/plan/proposals', ['make' => 'turn', 'bank' => 'thrust'], 200, 403, 403],
            'undo' => ['POST', 'jobs/{job}/plan/undo', [], 409, 403, 403],
            'redo' => ['POST', 'jobs/{job}/plan/redo', [], 409, 403, 403],
            'import' => ['PUT', 'jobs/{job}/plan', (array) json_decode($plan, true), 200, 403, 403],
            'add a part' => ['POST', 'jobs/{job}/plan/parts', ['part' => 1], 200, 403, 403],
            'take a part out' => ['DELETE', 'jobs/{job}/plan/parts', ['on' => 'device:hub'], 200, 403, 403],
            'catalogue as a table' => ['GET', 'catalogue/table', [], 200, 200, 200],
            'catalogue from a table' => ['POST', 'catalogue/table', ['csv' => "kind,name\n", 'keep' => true], 200, 403, 200],
            'catalogue' => ['GET', 'catalogue', [], 200, 200, 200],
            'decide' => ['POST', 'jobs/{job}/decisions', ['occasion' => self::OCCASION, 'reason' => 'as agreed'], 409, 403, 403],
            'open again' => ['DELETE', 'jobs/{job}/decisions/{acceptance}', [], 404, 403, 403],
            'export' => ['GET', 'jobs/{job}/plan', [], 200, 200, 403],
            'why' => ['GET', 'jobs/{job}/why?figure=run:house:drop_v', [], 200, 200, 403],
            'remedies' => ['GET', 'jobs/{job}/remedies', [], 200, 200, 403],
            'supply' => ['GET', 'jobs/{job}/supply', [], 200, 200, 403],
            'meter' => ['GET', 'jobs/{job}/meter?plus=b3%2B&minus=b1-', [], 200, 200, 403],
            'short' => ['GET', 'jobs/{job}/short?run=house', [], 200, 200, 403],
            'survey' => ['GET', 'jobs/{job}/survey', [], 200, 200, 403],
            'survey sheet' => ['GET', 'jobs/{job}/survey-sheet', [], 200, 200, 403],
            'layout' => ['GET', 'jobs/{job}/layout', [], 200, 200, 403],
            'board' => ['GET', 'jobs/{job}/boards/{board}', [], 200, 200, 403],
            'photograph' => ['GET', 'jobs/{job}/photographs/{photograph}', [], 200, 200, 403],
            'send a photograph' => ['POST', 'jobs/{job}/photographs/uploads', [], 422, 422, 403],
            'how much has arrived' => ['GET', 'jobs/{job}/photographs/uploads/{upload}', [], 404, 404, 403],
            'a piece of it' => ['PATCH', 'jobs/{job}/photographs/uploads/{upload}', [], 404, 404, 403],
            'work sheet' => ['GET', 'jobs/{job}/work-sheet', [], 200, 200, 403],
            'reading' => ['POST', 'jobs/{job}/readings', ['meter_point' => 'b1', 'volts' => '12.7'], 200, 200, 403],
        ];
    }

    public function test_every_route_of_the_api_is_tested_here(): void
    {
        $tested = array_map(static fn (array $route): string => $route[0].' api/'.explode('?', $route[1])[0], array_values(self::routes()));
        foreach (Route::getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && ! in_array('throttle:sign-in', $route->gatherMiddleware(), true)) {
                self::assertContains($route->methods()[0].' '.$route->uri(), $tested);
            }
        }
    }
}
