<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Volts along the way to a circuit's end while a load drew: the passport of a boat, year by year. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('load_tests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->restrictOnDelete();
            $table->string('circuit', 100)->collation('utf8mb4_bin');
            $table->date('taken_on');
            $table->string('load_name', 60);
            $table->double('amps');
            $table->double('celsius');
            $table->string('meter', 60);
            $table->text('volts');
            $table->dateTime('kept_at');
            $table->index(['job_id', 'circuit']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('load_tests');
    }
};
