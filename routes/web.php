<?php

declare(strict_types=1);

use App\Http\Controllers\ClaimController;
use App\Http\Controllers\ConfirmController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\KeptController;
use App\Http\Controllers\LetterboxController;
use App\Http\Controllers\OperatorController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\SecondFactorController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\StartCourseController;
use App\Http\Controllers\WordController;
use Illuminate\Support\Facades\Route;

Route::withoutMiddleware('web')->group(function (): void {
    Route::get('healthz', [HealthController::class, 'life'])->name('health');
    Route::get('readyz', [HealthController::class, 'ready']);
    Route::get('metrics', [HealthController::class, 'metrics']);
});

Route::middleware('guest')->group(function (): void {
    Route::get('sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('sign-in/code', [SecondFactorController::class, 'ask'])->name('sign-in.code');
    Route::post('sign-in/code', [SecondFactorController::class, 'answer'])->middleware('throttle:sign-in-code');
    Route::get('forgotten', [PasswordController::class, 'forgotten'])->name('password.forgotten');
    Route::post('forgotten', [PasswordController::class, 'send'])->middleware('throttle:forgotten');
    Route::get('new-password/{token}', [PasswordController::class, 'edit'])->name('password.reset');
    Route::put('new-password', [PasswordController::class, 'update'])
        ->middleware('throttle:forgotten')
        ->name('password.update');
});

// Links that prove something. Opening one changes nothing.
Route::middleware('signed')->group(function (): void {
    Route::get('confirm/{user}/{address}', [ConfirmController::class, 'show'])->name('address.confirm');
    Route::post('confirm/{user}/{address}', [ConfirmController::class, 'store']);
    Route::get('set-password/{user}/{was}', [PasswordController::class, 'byHand'])->name('password.by-hand');
    Route::post('set-password/{user}/{was}', [PasswordController::class, 'storeByHand']);
    Route::get('claim/{user}/{mark}', [ClaimController::class, 'show'])->name('claim');
    Route::post('claim/{user}/{mark}', [ClaimController::class, 'store']);
});

Route::get('what-is-kept', KeptController::class)->name('kept');
Route::get('letterbox', LetterboxController::class)->name('letterbox');
Route::get('words', [WordController::class, 'index'])->name('words');
Route::get('words/{term}', [WordController::class, 'show'])->name('words.show');

// Whoever is not signed in reads what this is.
Route::get('/', HomeController::class)->name('home');

// A course is joined by its code, by somebody new or by somebody who has signed in.
Route::get('join', [JoinController::class, 'create'])->middleware('throttle:join-page')->name('join');
Route::post('join', [JoinController::class, 'store'])->middleware('throttle:join');

// A course is begun by somebody new or by somebody who has signed in.
Route::get('start', [StartCourseController::class, 'create'])->name('start');
Route::post('start', [StartCourseController::class, 'store'])->middleware('throttle:join');

Route::middleware('auth')->group(function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('sign-out');

    Route::middleware('can:operate')->prefix('operator')->group(function (): void {
        Route::get('/', [OperatorController::class, 'show'])->name('operator');
        Route::post('jobs/{job}', [OperatorController::class, 'retry'])->name('operator.retry');
        Route::delete('jobs/{job}', [OperatorController::class, 'forget'])->name('operator.forget');
    });

    require __DIR__.'/account.php';
    require __DIR__.'/tools.php';
    require __DIR__.'/courses.php';
    require __DIR__.'/desk.php';
});
