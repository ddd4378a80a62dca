<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Areas\Contract\Addition;
use App\Areas\Contract\Area;
use App\Areas\Contract\AreaList;
use App\Areas\Contract\NewPart;
use App\Areas\Contract\Proposal;
use App\Areas\StandardAreas as ApplicationAreas;
use App\Models\CataloguePart;
use App\Models\Job;
use Dinghy\Area\StandardAreas;
use Dinghy\Evaluation\Areas;
use Dinghy\Evaluation\Evaluation;
use Dinghy\File\Patch;
use Dinghy\File\PlanDocument;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\AddToBoat;
use Dinghy\Tests\Area\Anchoring\AnchoringArea;
use Dinghy\Tests\Area\Anchoring\Scope;
use Illuminate\Support\ValidatedInput;
use Tests\TestCase;

/** An area that nobody has heard of, plugged into the application by one line for each of its lists. */
final class NewAreaTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->app?->instance(Areas::class, new Areas([...StandardAreas::areas()->all, new AnchoringArea]));
        $this->app?->instance(AreaList::class, new AreaList([...ApplicationAreas::list()->all, self::area()]));
    }

    public function test_it_is_planned_judged_drawn_and_undone_like_the_others(): void
    {
        $job = $this->skiff();
        $rigger = $this->actingAs($this->person('rigger'));
        $stages = static fn (mixed $answer): array => array_column((array) $answer, 'says', 'stage');
        self::assertSame('not begun', $stages($rigger->getJson("/api/jobs/{$job->id}")->assertOk()->json('stages'))['anchoring']);

        $added = $rigger->postJson("/api/jobs/{$job->id}/plan/proposals?showing=anchoring", ['make' => 'part', 'kind' => 'anchor', 'name' => 'Bower', 'part' => ['rode_m' => 20, 'depth_m' => 4.5, 'station' => 'bow']])->assertOk();
        self::assertSame('bower', $added->json('plan.anchors.0.id'));
        self::assertSame([['id' => 'bower', 'scope' => 4]], $added->json('evaluation.anchors'));
        self::assertSame(['anchoring' => ['scope' => ['bower' => 4]]], $added->json('drawn'), 'what its stage draws comes with the change');
        self::assertSame('1 to decide', $stages($added->json('stages'))['anchoring']);
        self::assertSame(['scope' => ['bower' => 4]], $rigger->getJson("/api/jobs/{$job->id}/stages/anchoring")->assertOk()->json());
        self::assertSame('rode / (depth + freeboard)', $rigger->getJson("/api/jobs/{$job->id}/why?figure=scope:bower")->assertOk()->json('formula'));

        $doubled = $rigger->postJson("/api/jobs/{$job->id}/plan/proposals", ['make' => 'longer', 'anchor' => 'bower'])->assertOk();
        self::assertSame(40, $doubled->json('plan.anchors.0.rode_m'));
        self::assertStringContainsString('Say which anchor.', (string) $rigger->postJson("/api/jobs/{$job->id}/plan/proposals", ['make' => 'longer'])->assertUnprocessable()->json('message'));
        self::assertStringContainsString('longer', (string) $rigger->postJson("/api/jobs/{$job->id}/plan/proposals", ['make' => 'nothing'])->assertUnprocessable()->json('message'));

        self::assertSame(20, $rigger->postJson("/api/jobs/{$job->id}/plan/undo", ['step' => $doubled->json('version.undo.step')])->assertOk()->json('plan.anchors.0.rode_m'));
        self::assertSame([], $rigger->deleteJson("/api/jobs/{$job->id}/plan/parts", ['on' => 'anchor:bower'])->assertOk()->json('plan.anchors'));
        $rigger->getJson("/api/jobs/{$job->id}/stages/nowhere")->assertNotFound();
    }

    public function test_its_parts_are_kept_in_the_catalogue_and_added_from_there(): void
    {
        $owner = $this->person('owner');
        $told = $this->actingAs($owner)->postJson('/api/catalogue/table', ['csv' => "kind,name,rode_m\nanchor,Plough anchor 7 kg,30\nanchor,No rode,0\n", 'keep' => true])->assertOk();
        self::assertSame(['Plough anchor 7 kg'], $told->json('new'));
        self::assertStringContainsString('rode_m: expected a number from 1 to 200 m', (string) $told->json('refused.0.why'));

        $part = CataloguePart::query()->where('name', 'Plough anchor 7 kg')->firstOrFail();
        $job = $this->skiff();
        $added = $this->actingAs($this->person('rigger'))->postJson("/api/jobs/{$job->id}/plan/parts", ['part' => $part->id, 'station' => 'bow'])->assertOk();
        self::assertSame([['id' => 'plough-anchor-7-kg', 'rode_m' => 30, 'part' => 'Plough anchor 7 kg', 'station' => 'bow']], $added->json('plan.anchors'));

        $part->update(['figures' => ['rode_m' => 35]]);
        self::assertContains('anchor:plough-anchor-7-kg', array_column((array) $this->getJson("/api/jobs/{$job->id}")->json('newer'), 'on'), 'newer figures of it are seen');
    }

    private static function area(): Area
    {
        return new class extends Area
        {
            public function stage(): string
            {
                return 'anchoring';
            }

            public function answer(Job $job, Evaluation $evaluation, PlanDocument $judged): array
            {
                return ['scope' => $evaluation->boat->figures(Scope::class)->of];
            }

            public function additions(): array
            {
                return ['anchor' => new Addition([], [], static fn (NewPart $new): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => AddToBoat::part($plan, $document->format, 'anchor', $new->name(),
                    (object) [...get_object_vars($new->named()), 'station' => $new->station]))];
            }

            public function proposals(): array
            {
                return ['longer' => new Proposal(['anchor' => ['required', 'string']], ['anchor.*' => 'Say which anchor.'],
                    static fn (ValidatedInput $said): \Closure => static fn (Plan $plan, PlanDocument $document): Patch => Patch::set("anchor:{$said->string('anchor')}", ['rode_m' => 2 * $document->valueOf("anchor:{$said->string('anchor')}", 'rode_m')]))];
            }
        };
    }
}
