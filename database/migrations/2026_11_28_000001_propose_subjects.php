<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            // Where the subject probably is; what the student marked stands in "subject".
            $table->json('proposed')->nullable()->after('subject');
        });
    }

    public function down(): void
    {
        Schema::table('frames', function (Blueprint $table): void {
            $table->dropColumn('proposed');
        });
    }
};
