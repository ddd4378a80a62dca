<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->restrictOnDelete();
            $table->string('name', 120);
            $table->timestamps();
        });
        Schema::create('boats', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('customer_id')->constrained()->restrictOnDelete();
            $table->string('name', 120);
            $table->enum('hull', ['fibreglass', 'aluminium', 'pontoon', 'inflatable', 'box'])->nullable();
            $table->double('length_m')->nullable();
            $table->double('beam_m')->nullable();
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('boat_id')->constrained()->restrictOnDelete();
            $table->string('title', 200);
            $table->unsignedTinyInteger('bay')->nullable();
            $table->date('promised_on')->nullable();
            $table->string('waits_for', 200)->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('jobs');
        Schema::dropIfExists('boats');
        Schema::dropIfExists('customers');
    }
};
