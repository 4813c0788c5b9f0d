<?php

declare(strict_types=1);

use App\Http\Controllers\BankController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\FilmLogController;
use App\Http\Controllers\FilmRollController;
use App\Http\Controllers\FirstSettingsController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\KitListController;
use App\Http\Controllers\LessonController;
use App\Http\Controllers\PhraseController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\RollController;
use Illuminate\Support\Facades\Route;

// Everybody's tools, and everybody's own kit, banks and roll.

Route::view('sight', 'pages.sight')->name('sight');
Route::get('bench', [BenchController::class, 'index'])->name('bench');
Route::get('bench/{sheet}', [BenchController::class, 'show'])->name('bench.show');
Route::get('kit', [KitController::class, 'edit'])->name('kit.edit');
Route::put('kit', [KitController::class, 'update'])->name('kit.update');
Route::post('kit/start', [KitController::class, 'start'])->name('kit.start');
Route::get('kit/kit.csv', [KitListController::class, 'export'])->name('kit.table');
Route::post('kit/table', [KitListController::class, 'import'])->name('kit.table.import');
Route::post('kit/body', [KitListController::class, 'body'])->name('kit.body');
Route::post('kit/from-frame', [KitListController::class, 'fromFrame'])->name('kit.from-frame');
Route::post('kit/from-picture', [KitListController::class, 'fromPicture'])->name('kit.from-picture');

// Settings banks, and the list that a camera is set up by.
Route::get('phrases', [PhraseController::class, 'index'])->name('phrases');
Route::post('phrases', [PhraseController::class, 'store'])->name('phrases.store');
Route::put('phrases/{phrase}', [PhraseController::class, 'update'])->can('update', 'phrase')->name('phrases.update');
Route::delete('phrases/{phrase}', [PhraseController::class, 'destroy'])
    ->can('update', 'phrase')
    ->name('phrases.destroy');
Route::get('banks', [BankController::class, 'index'])->name('banks');
Route::get('banks/cards', [BankController::class, 'print'])->name('banks.print');
Route::get('banks/new', [BankController::class, 'create'])->name('banks.create');
Route::post('banks', [BankController::class, 'store'])->name('banks.store');
Route::get('banks/{bank}', [BankController::class, 'edit'])
    ->can('own', 'bank')
    ->name('banks.edit');
Route::put('banks/{bank}', [BankController::class, 'update'])
    ->can('own', 'bank')
    ->name('banks.update');
Route::delete('banks/{bank}', [BankController::class, 'destroy'])
    ->can('own', 'bank')
    ->name('banks.destroy');
Route::get('first-settings', [FirstSettingsController::class, 'show'])->name('first-settings');
Route::put('first-settings', [FirstSettingsController::class, 'update'])->name('first-settings.update');

// Rolls of film, and the log of what was taken on them.
Route::get('film', [FilmRollController::class, 'index'])->name('film');
Route::get('film/new', [FilmRollController::class, 'create'])->name('film.create');
Route::post('film', [FilmRollController::class, 'store'])->name('film.store');
Route::post('film/document', [FilmLogController::class, 'take'])->name('film.take');
Route::get('film/{filmRoll}', [FilmRollController::class, 'show'])->can('own', 'filmRoll')->name('film.show');
Route::get('film/{filmRoll}/edit', [FilmRollController::class, 'edit'])->can('own', 'filmRoll')->name('film.edit');
Route::put('film/{filmRoll}', [FilmRollController::class, 'update'])->can('own', 'filmRoll')->name('film.update');
Route::delete('film/{filmRoll}', [FilmRollController::class, 'destroy'])
    ->can('own', 'filmRoll')
    ->name('film.destroy');
Route::get('film/{filmRoll}/card', [FilmRollController::class, 'card'])->can('own', 'filmRoll')->name('film.card');
Route::get('film/{filmRoll}/order', [FilmRollController::class, 'order'])->can('own', 'filmRoll')->name('film.order');
Route::post('film/{filmRoll}/notes', [FilmLogController::class, 'notes'])->can('own', 'filmRoll')->name('film.notes');
Route::get('film/{filmRoll}/log.csv', [FilmLogController::class, 'table'])->can('own', 'filmRoll')->name('film.table');
Route::get('film/{filmRoll}/roll.json', [FilmLogController::class, 'document'])
    ->can('own', 'filmRoll')
    ->name('film.document');
Route::post('film/{filmRoll}/log', [FilmLogController::class, 'import'])->can('own', 'filmRoll')->name('film.import');

// The practice camera, and one's own roll in it.
Route::get('practice', [PracticeController::class, 'index'])->name('practice');
Route::get('drills', [DrillController::class, 'index'])->name('drills');
Route::get('drills/next', [DrillController::class, 'next'])->name('drills.next');
Route::get('drills/{kind}/{scene}/{level}/{seed}', [DrillController::class, 'show'])
    ->whereNumber(['level', 'seed'])
    ->name('drills.show');
Route::post('drills/{kind}/{scene}/{level}/{seed}', [DrillController::class, 'answer'])
    ->whereNumber(['level', 'seed'])
    ->name('drills.answer');
Route::get('drills/{kind}/{scene}/{level}/{seed}/{frame}', [DrillController::class, 'picture'])
    ->middleware('beside')
    ->whereNumber(['level', 'seed'])
    ->name('drills.picture');
Route::get('practice/{scene}', [PracticeController::class, 'show'])
    ->middleware('throttle:finder')
    ->name('practice.show');
Route::get('practice/{scene}/patterns', [PracticeController::class, 'patterns'])
    ->middleware('beside')
    ->name('practice.patterns');
Route::post('practice/{scene}', [PracticeController::class, 'press'])
    ->middleware('throttle:60,1')
    ->name('practice.press');
Route::get('lessons', [LessonController::class, 'index'])->name('lessons');
Route::get('lessons/{lesson}', [LessonController::class, 'show'])
    ->middleware('throttle:finder')
    ->name('lessons.show');
Route::get('roll', [RollController::class, 'index'])->name('roll');
Route::get('roll/compare', [RollController::class, 'compare'])->name('roll.compare');
Route::get('roll/{rollFrame}/playback', [RollController::class, 'playback'])
    ->middleware('throttle:views')
    ->can('own', 'rollFrame')
    ->name('roll.playback');
Route::get('roll/{rollFrame}/picture', [RollController::class, 'picture'])
    ->middleware('beside')
    ->can('own', 'rollFrame')
    ->name('roll.picture');
Route::get('roll/{rollFrame}/file', [RollController::class, 'download'])
    ->can('own', 'rollFrame')
    ->name('roll.download');
Route::post('roll/{rollFrame}/hand-in', [RollController::class, 'handIn'])
    ->can('own', 'rollFrame')
    ->name('roll.hand-in');
Route::post('roll/{rollFrame}/restore', [RollController::class, 'restore'])
    ->withTrashed()
    ->can('own', 'rollFrame')
    ->name('roll.restore');
Route::delete('roll/{rollFrame}', [RollController::class, 'destroy'])
    ->can('own', 'rollFrame')
    ->name('roll.destroy');
