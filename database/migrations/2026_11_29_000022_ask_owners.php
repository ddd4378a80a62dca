<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What owners are asked while their boats are worked on; how each function of a boat was when she came and when she left, signed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('owner_questions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            // Made on the phone: sent again, it is the same question.
            $table->uuid('entry');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('step', 200)->collation('utf8mb4_bin');
            $table->text('words');
            $table->decimal('price', 10, 2)->nullable();
            $table->unsignedSmallInteger('delay_days')->default(0);
            $table->char('picture', 64)->collation('ascii_bin')->nullable();
            $table->char('token_hash', 64)->collation('ascii_bin')->unique();
            $table->dateTime('asked_at');
            $table->dateTime('ends_at');
            $table->boolean('answer')->nullable();
            $table->text('answer_words')->nullable();
            $table->dateTime('answered_at')->nullable();
            $table->dateTime('withdrawn_at')->nullable();
            $table->unique(['job_id', 'entry']);
        });
        Schema::create('function_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('name_key', 400)->collation('utf8mb4_bin');
            $table->string('coming', 10)->nullable();
            $table->string('leaving', 10)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->unique(['job_id', 'name_key']);
        });
        Schema::create('owner_signatures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('moment', 10);
            $table->string('name', 100);
            $table->mediumText('strokes');
            $table->text('signed');
            $table->dateTime('signed_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('owner_signatures');
        Schema::dropIfExists('function_checks');
        Schema::dropIfExists('owner_questions');
    }
};
