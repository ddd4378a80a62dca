<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\WorkOrders\PlanHistory;
use Dinghy\File\Patch;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is changed in the database behind Dinghy's back is seen, and named. */
final class PlanChainTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $history = new PlanHistory($this->skiff());
        $history->edit($this->person('rigger'), 1, Patch::set('feed:bow-motor', ['run.gauge' => '6 AWG']), 'as agreed');
        $history->edit($this->person('owner'), 2, Patch::set('feed:house', ['run.gauge' => '4 AWG']));
        $history->undo($this->person('rigger'));
    }

    public function test_a_chain_that_nobody_touched_is_whole(): void
    {
        [$code, $said] = $this->verified();
        self::assertSame([0, "Work order {$this->skiff()->id}: 4 versions, whole.\n"], [$code, $said]);
        self::assertSame(0, Artisan::call('dinghy:verify'), 'all boats of the demo');
        self::assertSame(2, Artisan::call('dinghy:verify', ['job' => 999999]));
    }

    /** @param  array<string, mixed>  $forged */
    #[DataProvider('forgeries')]
    public function test_a_forged_link_is_named(array $forged): void
    {
        $version = $this->skiff()->planVersions()->where('number', 3)->firstOrFail();
        DB::table('plan_versions')->where('id', $version->id)->update(array_map(fn (mixed $value): mixed => $value instanceof \Closure ? $value($this) : $value, $forged));
        [$code, $said] = $this->verified();
        self::assertSame(1, $code);
        self::assertStringContainsString('Version 3: its seal is not that of what it holds', $said);
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function forgeries(): array
    {
        return [
            'document' => [['document' => '{"format":"dinghy-plan","version":1}']],
            'document and hash' => [['document' => '{"format":"dinghy-plan","version":1}', 'hash' => hash('sha256', '{"format":"dinghy-plan","version":1}')]],
            'change' => [['patch' => '[{"on":"feed:house","set":{"run.gauge":"2 AWG"}}]']],
            'author' => [['user_id' => static fn (self $test): int => $test->person('rigger')->id]],
            'nobody' => [['user_id' => null]],
            'time' => [['made_at' => '2026-01-01 12:00:00']],
            'reason' => [['reason' => 'as the customer wished']],
            'kind' => [['kind' => 'redo']],
            'the version before' => [['parent_id' => static fn (self $test): int => (int) $test->skiff()->planVersions()->where('number', 1)->value('id')]],
            'seal' => [['seal' => str_repeat('0', 64)]],
        ];
    }

    public function test_a_version_that_was_taken_out_leaves_a_gap_that_is_named(): void
    {
        $second = $this->skiff()->planVersions()->where('number', 2)->firstOrFail();
        DB::statement('set foreign_key_checks = 0');
        DB::table('plan_versions')->where('id', $second->id)->delete();
        DB::statement('set foreign_key_checks = 1');
        [$code, $said] = $this->verified();
        self::assertSame(1, $code);
        self::assertStringContainsString('Version 3: it does not follow version 1.', $said);
    }

    /** Two links that were exchanged whole, seals and all. */
    public function test_versions_in_another_order_are_named(): void
    {
        DB::table('plan_versions')->where('job_id', $this->skiff()->id)->where('number', 2)->update(['number' => 9]);
        DB::table('plan_versions')->where('job_id', $this->skiff()->id)->where('number', 3)->update(['number' => 2]);
        DB::table('plan_versions')->where('job_id', $this->skiff()->id)->where('number', 9)->update(['number' => 3]);
        self::assertStringContainsString('Version 2: it does not follow version 1.', $this->verified()[1]);
    }

    public function test_what_an_old_key_sealed_is_still_whole_and_another_key_is_not(): void
    {
        $old = config('app.key');
        config(['app.key' => 'base64:'.base64_encode(str_repeat('k', 32))]);
        self::assertSame(1, $this->verified()[0]);
        config(['app.previous_keys' => [$old]]);
        self::assertSame(0, $this->verified()[0]);
        (new PlanHistory($this->skiff()))->edit($this->person('rigger'), 4, Patch::set('feed:bow-motor', ['run.gauge' => '2 AWG']));
        self::assertSame(0, $this->verified()[0], 'the next link by the new key');
    }

    /** @return array{int, string} exit code, and what was said */
    private function verified(): array
    {
        $code = Artisan::call('dinghy:verify', ['job' => $this->skiff()->id]);

        return [$code, Artisan::output()];
    }
}
