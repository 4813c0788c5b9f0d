<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('second_factors', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->unique()->constrained()->cascadeOnDelete();
            // Sealed with the application's key.
            $table->text('secret');
            $table->timestamp('confirmed_at')->nullable();
            // The last one that counted: none counts twice.
            $table->unsignedBigInteger('last_step')->default(0);
            $table->json('recovery');
            $table->timestamps();
        });
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('device', 80);
            $table->string('way', 20);
            $table->string('from', 45);
            $table->timestamps();
            $table->index(['user_id', 'id']);
        });
    }
};
