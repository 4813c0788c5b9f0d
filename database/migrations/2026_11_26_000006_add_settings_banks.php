<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('settings_banks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->json('bank');
            $table->timestamps();
            $table->index(['user_id', 'id']);
        });
        // Which of the first settings were ticked by hand, and when.
        Schema::table('users', fn (Blueprint $table) => $table->json('first_settings')->nullable()->after('kit'));
    }

    public function down(): void
    {
        Schema::dropIfExists('settings_banks');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('first_settings'));
    }
};
