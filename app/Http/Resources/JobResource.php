<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Areas\Contract\AreaList;
use App\Catalogue\NewerFigures;
use App\Http\AskedUnits;
use App\Models\Acceptance;
use App\Models\Job;
use App\Models\PlanVersion;
use App\Models\Reading;
use App\Models\User;
use App\WorkOrders\Decisions;
use App\WorkOrders\PlanHistory;
use App\WorkOrders\PlanStep;
use Dinghy\Area\Power\Figure\PowerFigures;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Evaluation\EvaluationDocument;
use Dinghy\Evaluation\StageState;
use Dinghy\Evaluation\Verdict;
use Dinghy\File\PatchWords;
use Dinghy\File\PlanDocument;
use Dinghy\Metering\MeterPoint;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A work order with its newest plan and everything the core says of it.
 *
 * @mixin Job
 */
final class JobResource extends JsonResource
{
    public static $wrap = null;

    public function __construct(private readonly Job $job, private readonly User $user)
    {
        parent::__construct($job);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $head = $this->job->plan;
        $judged = $head === null ? null : $this->job->judged($head);

        return [
            'id' => $this->job->id,
            'title' => $this->job->title,
            'bay' => $this->job->bay,
            'boat' => $this->job->boat->name,
            'customer' => $this->job->boat->customer->name,
            'promised_on' => $this->job->promised_on?->toDateString(),
            'you' => ['id' => $this->user->id, 'name' => $this->user->name],
            'can_change' => $this->user->can('changePlan', $this->job),
            'version' => $head === null ? null : $this->version($head, $judged, new QuantityFormatter(AskedUnits::of($request) ?? Units::Metric)),
            ...($head === null ? [
                'plan' => null,
                'evaluation' => null,
                'names' => (object) [],
                'verdict' => 'No plan yet.',
                'stage' => null,
                'stages' => [],
                'decided' => [],
                'readings' => [],
                'newer' => [],
                'drawn' => (object) [],
            ]
                : $this->evaluated($head, $judged, AskedUnits::of($request), $request->query('showing'))),
        ];
    }

    /** @return array<string, mixed> */
    private function version(PlanVersion $head, PlanDocument $judged, QuantityFormatter $formatter): array
    {
        $steps = (new PlanHistory($this->job))->steps($this->user);

        return [
            'number' => $head->number,
            'hash' => $judged->hash(),
            'made_at' => $head->made_at->toIso8601String(),
            'author' => $head->author?->name,
            'undo' => self::step($steps->undo($head), $formatter),
            'redo' => self::step($steps->redo($head), $formatter),
        ];
    }

    /** @return array{step: int, says: string}|null */
    private static function step(?PlanStep $step, QuantityFormatter $formatter): ?array
    {
        return $step === null ? null : ['step' => $step->number, 'says' => $step->says($formatter)];
    }

    /** @return array<string, mixed> */
    private function evaluated(PlanVersion $head, PlanDocument $judged, ?Units $units, mixed $showing): array
    {
        $document = $head->planDocument();
        $evaluation = $this->job->boat->customer->shop->evaluate($judged, $units);
        $decisions = Decisions::of($this->job, $evaluation);
        $words = $document->words($evaluation->boat->words);

        return [
            'plan' => $document,
            'evaluation' => EvaluationDocument::of($evaluation),
            'names' => (object) [...$words->all(), ...self::ofRuns($evaluation)],
            'verdict' => Verdict::of($evaluation, $decisions->count()),
            'stage' => StageState::current($evaluation, $decisions->occasions())->name,
            'stages' => array_map(
                fn (StageState $state): array => [
                    'stage' => $state->stage->name,
                    'label' => $state->stage->label,
                    'says' => resolve(AreaList::class)->at($state->stage->name)?->state($this->job) ?? $state->says,
                ],
                StageState::allOf($evaluation, $decisions->occasions()),
            ),
            'decided' => array_map(static fn (Acceptance $acceptance): array => [
                'id' => $acceptance->id,
                'occasion' => $acceptance->occasion,
                'reason' => $acceptance->reason,
                'author' => $acceptance->author?->name,
                'decided_at' => $acceptance->decided_at->toIso8601String(),
            ], [...array_values($decisions->standing), ...$decisions->unproven]),
            'drawn' => (object) resolve(AreaList::class)->drawn($showing, $this->job, $evaluation, $judged),
            'readings' => $this->readings($evaluation),
            'newer' => array_map(
                static fn (NewerFigures $newer): array => [
                    'on' => $newer->on,
                    'part' => $newer->part,
                    'changes' => (new PatchWords($words))->lines($newer->patch, $document, $document->with($newer->patch)),
                    'patch' => $newer->patch->toJson(),
                ],
                NewerFigures::of($this->job->boat->customer->shop, $document),
            ),
        ];
    }

    /** @return array<string, string> feeds and branches, each called by both its ends */
    private static function ofRuns(Evaluation $evaluation): array
    {
        $names = [];
        foreach ($evaluation->boat->circuits() as $run) {
            $run->circuit === null || $names[$run->circuit->on()] = $run->circuit->label;
        }

        return $names;
    }

    /** @return list<array<string, mixed>> the newest reading of each meter point */
    private function readings(Evaluation $evaluation): array
    {
        /** @var array<string, MeterPoint> $points */
        $points = array_column($evaluation->boat->figures(PowerFigures::class)->meterPoints, null, 'id');
        $newest = $this->job->readings()->with('author')->get()->sortBy('id')->keyBy('meter_point');

        return array_values($newest->map(static fn (Reading $reading): array => [
            'meter_point' => $reading->meter_point,
            'volts' => $reading->volts,
            'right' => isset($points[$reading->meter_point])
                ? $points[$reading->meter_point]->accepts($reading->volts)
                : null,
            'taken_at' => $reading->taken_at->toIso8601String(),
            'author' => $reading->author?->name,
        ])->all());
    }
}
