<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An upload stays known for a while after its picture is kept: the line may break before its sender hears of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('photograph_uploads', function (Blueprint $table): void {
            $table->boolean('kept')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('photograph_uploads', function (Blueprint $table): void {
            $table->dropColumn('kept');
        });
    }
};
