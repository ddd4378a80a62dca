<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a shop has on its shelves, what its boats have taken of it, and kits whose prices stand. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('stock_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 150);
            $table->string('name_key', 400)->collation('utf8mb4_bin');
            $table->string('unit', 3);
            $table->unsignedInteger('on_hand')->default(0);
            $table->decimal('price', 10, 2)->nullable();
            $table->date('priced_on')->nullable();
            $table->unsignedSmallInteger('delivery_days')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['shop_id', 'name_key']);
        });
        Schema::create('stock_lengths', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stock_item_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('millimetres');
            $table->foreignId('job_id')->nullable()->constrained()->nullOnDelete();
            $table->text('cut')->nullable();
            $table->foreignId('split_from')->nullable()->constrained('stock_lengths')->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('stock_bookings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stock_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('quantity');
            $table->timestamps();
            $table->unique(['stock_item_id', 'job_id']);
        });
        Schema::create('kept_kits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->mediumText('prices');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kept_kits');
        Schema::dropIfExists('stock_bookings');
        Schema::dropIfExists('stock_lengths');
        Schema::dropIfExists('stock_items');
    }
};
