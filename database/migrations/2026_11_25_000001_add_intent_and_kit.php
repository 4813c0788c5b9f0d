<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // As kit files have it: body, lenses, supports, filters, flash, film.
        Schema::table('users', fn (Blueprint $table) => $table->json('kit')->nullable());
        Schema::table('frames', function (Blueprint $table) {
            // What the picture was meant to show, as typed.
            $table->json('intent')->nullable()->after('typed');
            // Why nothing meets every demand, where nothing does.
            $table->json('impossible')->nullable()->after('suggestions');
        });
    }
};
