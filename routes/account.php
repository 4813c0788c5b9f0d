<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\NoticeController;
use App\Http\Controllers\SecondFactorController;
use Illuminate\Support\Facades\Route;

// One's own account. Read for whoever has signed in.

Route::get('account', [AccountController::class, 'show'])->name('account');
Route::middleware('throttle:account')->group(function (): void {
    Route::put('account', [AccountController::class, 'update'])->name('account.update');
    Route::put('account/address', [AccountController::class, 'address'])->name('account.address');
    Route::post('account/confirm', [AccountController::class, 'confirm'])->name('account.confirm');
    Route::put('account/password', [AccountController::class, 'password'])->name('account.password');
    Route::put('account/notices', [AccountController::class, 'notices'])->name('account.notices');
    Route::post('account/factor', [SecondFactorController::class, 'begin'])->name('account.factor');
    Route::put('account/factor', [SecondFactorController::class, 'confirm']);
    Route::delete('account/factor', [SecondFactorController::class, 'destroy']);
    Route::delete('account/devices', [AccountController::class, 'signOutOthers'])->name('account.devices');
    Route::post('account/asked/{passwordRequest}', [AccountController::class, 'takePassword'])
        ->name('account.take-password');
    Route::delete('account/asked/{passwordRequest}', [AccountController::class, 'stopPassword'])
        ->name('account.stop-password');
    Route::delete('account', [AccountController::class, 'destroy'])->name('account.destroy');
    Route::post('account/keep', [AccountController::class, 'keep'])->name('account.keep');
});
Route::post('account/takeout', [AccountController::class, 'takeout'])
    ->middleware('throttle:takeout')
    ->name('account.takeout');
Route::get('notices', [NoticeController::class, 'index'])->name('notices');
Route::post('notices/read', [NoticeController::class, 'readAll'])->name('notices.read');
Route::post('notices/seen', [NoticeController::class, 'seen'])
    ->middleware('beside')
    ->name('notices.seen');
Route::post('notices/{notice}', [NoticeController::class, 'open'])->name('notices.open');
