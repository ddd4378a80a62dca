<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A picture is stored under what it is; the entries of every plan version point at theirs. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('photographs', fn (Blueprint $table) => $table->char('content', 64)->collation('ascii_bin')->nullable()->after('job_id'));
        DB::statement('update photographs set content = sha2(picture, 256)');
        /** @var array<int, array<string, string>> $contents by job and name */
        $contents = [];
        foreach (DB::table('photographs')->orderBy('id')->get(['id', 'job_id', 'name', 'content']) as $photograph) {
            if (in_array($photograph->content, $contents[$photograph->job_id] ?? [], true)) {
                DB::table('photographs')->where('id', $photograph->id)->delete();
            }
            $contents[$photograph->job_id][$photograph->name] = $photograph->content;
        }
        foreach ($contents as $job => $ofJob) {
            foreach (DB::table('plan_versions')->where('job_id', $job)->pluck('id') as $id) {
                $this->point((int) $id, $ofJob);
            }
        }
        Schema::table('photographs', function (Blueprint $table): void {
            $table->char('content', 64)->collation('ascii_bin')->nullable(false)->change();
            $table->unique(['job_id', 'content']);
        });
        Schema::table('photographs', function (Blueprint $table): void {
            $table->dropUnique(['job_id', 'name']);
            $table->dropColumn('name');
        });
    }

    public function down(): void
    {
        Schema::table('photographs', fn (Blueprint $table) => $table->string('name', 64)->default('')->after('user_id'));
        // Without names of their own any more: what it is named after is unique.
        DB::statement('update photographs set name = left(content, 40)');
        Schema::table('photographs', fn (Blueprint $table) => $table->unique(['job_id', 'name']));
        Schema::table('photographs', function (Blueprint $table): void {
            $table->dropUnique(['job_id', 'content']);
            $table->dropColumn('content');
        });
    }

    /** @param  array<string, string>  $contents  by the id of the photograph in the plan */
    private function point(int $id, array $contents): void
    {
        $version = DB::table('plan_versions')->where('id', $id)->first(['document', 'patch']) ?? throw new LogicException('A version was just there.');
        $document = json_decode((string) $version->document, false, 512, JSON_THROW_ON_ERROR);
        foreach ($document instanceof stdClass ? $document->survey->photographs ?? [] : [] as $entry) {
            isset($contents[$entry->id]) && $entry->picture = $contents[$entry->id];
        }
        $patch = $version->patch === null ? null : json_decode((string) $version->patch, false, 512, JSON_THROW_ON_ERROR);
        foreach (is_array($patch) ? $patch : [] as $step) {
            $entry = $step->put ?? null;
            if ($entry instanceof stdClass && str_starts_with((string) $step->on, 'photograph:') && isset($contents[$entry->id])) {
                $entry->picture = $contents[$entry->id];
            }
        }
        $json = static fn (mixed $tree): string => json_encode($tree, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        DB::table('plan_versions')->where('id', $id)->update(['document' => $json($document), 'hash' => hash('sha256', $json($document)), 'patch' => $patch === null ? null : $json($patch)]);
    }
};
