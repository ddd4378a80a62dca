<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sign-ins that end with a changed password or by the owner; links by which a person sets the first one. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->unsignedInteger('session_generation')->default(1));
        Schema::create('password_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('token_hash', 64)->collation('ascii_bin')->unique();
            $table->dateTime('ends_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('password_links');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('session_generation'));
    }
};
