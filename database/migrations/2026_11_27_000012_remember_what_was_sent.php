<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a page sent is known by the id it gave it: sent again, it is not done again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sent_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->uuid('sent_id');
            $table->char('content', 64)->collation('ascii_bin');
            $table->unsignedBigInteger('made')->nullable();
            $table->dateTime('sent_at')->useCurrent()->index();
            $table->unique(['user_id', 'sent_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sent_changes');
    }
};
