<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photographs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 40);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->binary('picture');
            $table->binary('thumbnail');
            $table->timestamp('made_at')->useCurrent();
            $table->unique(['job_id', 'name']);
        });
        Schema::create('photograph_uploads', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('of', 60);
            $table->string('words', 300);
            $table->unsignedInteger('length');
            $table->unsignedInteger('offset')->default(0);
            $table->timestamp('begun_at')->useCurrent();
        });
        Schema::create('photograph_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('upload_id')->constrained('photograph_uploads')->cascadeOnDelete();
            $table->unsignedInteger('offset');
            $table->binary('bytes');
            $table->unique(['upload_id', 'offset']);
        });
        // The schema builder knows no blob above 64 kB.
        foreach (['photographs' => ['picture', 'thumbnail'], 'photograph_pieces' => ['bytes']] as $table => $columns) {
            foreach ($columns as $column) {
                DB::statement("alter table {$table} modify {$column} mediumblob not null");
            }
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('photograph_pieces');
        Schema::dropIfExists('photograph_uploads');
        Schema::dropIfExists('photographs');
    }
};
