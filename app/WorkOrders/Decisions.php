<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Acceptance;
use App\Models\Job;
use App\Models\User;
use Dinghy\Evaluation\Evaluation;
use Dinghy\Rule\Finding;
use Dinghy\Rule\Level;

/** What was decided about a job's findings, so far as it still holds for the plan as it is. */
final readonly class Decisions
{
    /**
     * @param  array<string, Acceptance>  $standing by occasion
     * @param  list<Acceptance>  $unproven  about what takes longer to judge, and was not judged: whether they still hold is not known
     */
    private function __construct(public array $standing, public array $unproven)
    {
    }

    public static function of(Job $job, Evaluation $evaluation): self
    {
        $kept = $job->acceptances->whereNull('reopened_at')->keyBy('occasion');
        $standing = [];
        foreach ($evaluation->findings as $finding) {
            $acceptance = $finding->level === Level::Warn ? $kept->get($finding->occasion()) : null;
            if ($acceptance !== null) {
                $standing[$finding->occasion()] = $acceptance;
            }
        }

        $late = static fn (Acceptance $acceptance): bool => ! $evaluation->whole && $evaluation->areas->rulebook->isLate($acceptance->rule);

        return new self($standing, $kept->filter($late)->values()->all());
    }

    /** @return list<string> */
    public function occasions(): array
    {
        return array_map(strval(...), array_keys($this->standing));
    }

    public function count(): int
    {
        return count($this->standing);
    }

    /** The finding of an occasion that can be decided about; null: the plan has none, or it is a stop. */
    public static function findingOf(Evaluation $evaluation, string $occasion): ?Finding
    {
        foreach ($evaluation->findings as $finding) {
            if ($finding->level === Level::Warn && $finding->occasion() === $occasion) {
                return $finding;
            }
        }

        // What takes longer to judge is judged only where nothing else is meant.
        return $evaluation->whole ? null : self::findingOf($evaluation->whole(), $occasion);
    }

    public static function accept(Job $job, User $user, Finding $finding, string $reason): Acceptance
    {
        $job->unsetRelation('acceptances');

        return $job->acceptances()->create([
            'user_id' => $user->id,
            'rule' => $finding->rule->code,
            'on' => $finding->on,
            'occasion' => $finding->occasion(),
            'says' => mb_substr($finding->says, 0, 500),
            'reason' => $reason,
            'decided_at' => now(),
            'made_on' => $job->plan->number ?? 0,
        ]);
    }
}
