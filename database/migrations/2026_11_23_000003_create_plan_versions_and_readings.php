<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plan_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->foreignId('parent_id')->nullable()->constrained('plan_versions')->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->enum('kind', ['import', 'edit', 'undo', 'redo']);
            $table->foreignId('reverts_id')->nullable()->constrained('plan_versions')->cascadeOnDelete();
            $table->longText('patch')->nullable();
            $table->longText('document');
            $table->char('hash', 64);
            $table->timestamp('made_at')->useCurrent();
            $table->unique(['job_id', 'number']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plan_version_id')->constrained()->restrictOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('meter_point', 100);
            $table->double('volts');
            $table->timestamp('taken_at')->useCurrent();
            $table->index(['job_id', 'meter_point']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('readings');
        Schema::dropIfExists('plan_versions');
    }
};
