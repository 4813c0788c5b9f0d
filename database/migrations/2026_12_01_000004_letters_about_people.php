<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('letters', function (Blueprint $table): void {
            // Whoever it speaks of: it goes when that account goes.
            $table->unsignedBigInteger('about')->nullable()->index();
        });
    }
};
