<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was done on each boat, entry by entry as the phones sent it, and whose hand a phone was in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('work_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            // Made on the phone: sent again, it is the same entry.
            $table->uuid('entry');
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->foreignId('signed_in_id')->constrained('users')->restrictOnDelete();
            $table->string('step', 200)->collation('utf8mb4_bin');
            $table->string('act', 10);
            $table->char('work', 32)->collation('ascii_bin')->nullable();
            $table->string('says', 600);
            $table->text('content');
            $table->char('sent', 64)->collation('ascii_bin');
            $table->dateTime('done_at');
            $table->dateTime('kept_at');
            $table->unique(['job_id', 'entry']);
        });
        Schema::table('users', fn (Blueprint $table) => $table->string('hands_code')->nullable());
        Schema::create('hand_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->foreignId('signed_in_id')->constrained('users')->restrictOnDelete();
            $table->dateTime('changed_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hand_changes');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('hands_code'));
        Schema::dropIfExists('work_entries');
    }
};
