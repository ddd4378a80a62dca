<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which kinds of parts a catalogue can hold the areas say; the database keeps whichever. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('catalogue_parts', fn (Blueprint $table) => $table->string('kind', 40)->change());
    }

    public function down(): void
    {
        // A wider column holds all that a narrower one did: narrowed again, it would lose parts.
    }
};
