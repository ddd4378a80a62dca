<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('acceptances', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('rule', 8);
            $table->string('on', 80);
            $table->char('occasion', 32);
            $table->string('says', 500);
            $table->string('reason', 500);
            $table->timestamp('decided_at')->useCurrent();
            $table->timestamp('reopened_at')->nullable();
            $table->index(['job_id', 'occasion']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('acceptances');
    }
};
