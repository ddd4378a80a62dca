<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Days by kind of fishing that a shop keeps for its boats. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('day_templates', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('name_key', 400)->collation('utf8mb4_bin');
            $table->text('phases');
            $table->timestamps();
            $table->unique(['shop_id', 'name_key']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('day_templates');
    }
};
