<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Dinghy\File\PlanDocument;
use Dinghy\Tests\MutantBoat;
use Dinghy\Tests\RandomBoat;
use Dinghy\Tests\Seed;
use Tests\TestCase;

/** Every sheet of every boat is printed, whatever is in her plan. */
final class SheetsTest extends TestCase
{
    private const SHEETS = ['work-sheet', 'survey-sheet', 'day-sheet'];

    private const BOATS = 30;

    public function test_every_sheet_of_every_demo_boat(): void
    {
        $this->actingAs($this->person('owner'));
        $jobs = Job::query()->orderBy('id')->get();
        self::assertCount(5, $jobs);
        foreach ($jobs as $job) {
            foreach (self::SHEETS as $sheet) {
                $this->assertPrinted($job, $sheet, "{$sheet} of boat {$job->id}");
            }
        }
    }

    public function test_the_work_sheet_of_boats_that_nobody_would_build(): void
    {
        $seed = Seed::sown();
        $this->actingAs($this->person('owner'));
        $job = $this->skiff();
        for ($boat = $printed = 0; $printed < self::BOATS; $boat++) {
            $document = match ($boat % 3) {
                0 => RandomBoat::document(),
                1 => RandomBoat::joined(),
                default => MutantBoat::document(),
            };
            if ($this->isTaken($job->refresh(), $document)) {
                $this->assertPrinted($job->refresh(), 'work-sheet?kit=no', "SEED={$seed}, boat {$boat}");
                $printed++;
            }
        }
    }

    /** Whether the boat's plan is this one now; what the format refuses is refused in words. */
    private function isTaken(Job $job, PlanDocument $document): bool
    {
        $plan = $job->plan ?? self::fail('There is a plan.');
        $answer = $this->call('PUT', "/api/jobs/{$job->id}/plan?base={$plan->number}&units=metric", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: json_encode($document->root(), JSON_THROW_ON_ERROR));
        self::assertContains($answer->status(), [200, 422], (string) $answer->getContent());

        return $answer->isOk();
    }

    private function assertPrinted(Job $job, string $sheet, string $where): void
    {
        $answer = $this->get("/api/jobs/{$job->id}/{$sheet}");
        self::assertSame(200, $answer->status(), $where.': '.mb_substr((string) $answer->getContent(), 0, 300));
        self::assertStringStartsWith('%PDF', (string) $answer->getContent(), $where);
    }
}
