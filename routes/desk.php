<?php

declare(strict_types=1);

use App\Http\Controllers\BesideController;
use App\Http\Controllers\ContactSheetController;
use App\Http\Controllers\DeskController;
use App\Http\Controllers\FindingController;
use App\Http\Controllers\MarkController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\NoteVoiceController;
use App\Http\Controllers\ReturnController;
use App\Http\Controllers\SilenceController;
use App\Http\Controllers\SuggestionController;
use App\Http\Controllers\WhatIfController;
use Illuminate\Support\Facades\Route;

// The desk, and what comes back from it.
Route::get('briefs/{setBrief}/desk', [ContactSheetController::class, 'show'])
    ->can('critique', 'setBrief')
    ->name('desk.sheet');
Route::post('briefs/{setBrief}/desk/say', [ContactSheetController::class, 'say'])
    ->can('critique', 'setBrief')
    ->name('desk.say');
Route::post('briefs/{setBrief}/desk/repeat', [ContactSheetController::class, 'repeat'])
    ->can('teach', 'setBrief')
    ->name('desk.repeat');
Route::delete('briefs/{setBrief}/desk/say/{batch}', [ContactSheetController::class, 'unsay'])
    ->can('critique', 'setBrief')
    ->whereUuid('batch')
    ->name('desk.unsay');
Route::get('frames/{frame}/beside/{other}', BesideController::class)
    ->can('view', 'frame')
    ->can('view', 'other')
    ->name('frames.compare');

Route::get('desk/{attempt}', [DeskController::class, 'show'])
    ->can('critique', 'attempt')
    ->name('desk.show');
Route::post('desk/{attempt}/open', [DeskController::class, 'open'])
    ->can('decide', 'attempt')
    ->name('desk.open');
Route::put('desk/{attempt}', [DeskController::class, 'update'])
    ->can('decide', 'attempt')
    ->name('desk.update');
Route::post('desk/{attempt}/accept-rest', [DeskController::class, 'acceptRest'])
    ->can('decide', 'attempt')
    ->name('desk.accept-rest');
Route::post('desk/{attempt}/recall', [DeskController::class, 'recall'])
    ->can('decide', 'attempt')
    ->name('desk.recall');
Route::put('desk/{attempt}/mark', [MarkController::class, 'update'])
    ->can('decide', 'attempt')
    ->name('attempts.mark');
Route::post('desk/{attempt}/correct', [DeskController::class, 'correct'])
    ->can('decide', 'attempt')
    ->name('desk.correct');
Route::post('desk/{attempt}/here', [DeskController::class, 'here'])
    ->middleware('beside')
    ->can('critique', 'attempt')
    ->name('desk.here');
Route::post('desk/{attempt}/publish', [DeskController::class, 'publish'])
    ->can('decide', 'attempt')
    ->name('desk.publish');
Route::post('courses/{course}/silences', [SilenceController::class, 'store'])
    ->can('teach', 'course')
    ->name('silences.store');
Route::delete('courses/{course}/silences', [SilenceController::class, 'destroy'])
    ->can('teach', 'course')
    ->name('silences.destroy');
Route::post('desk/{attempt}/give', [NoteController::class, 'give'])
    ->can('critique', 'attempt')
    ->name('notes.give');
Route::get('notes/{note}/voice', NoteVoiceController::class)->can('hear', 'note')->name('notes.voice');
Route::put('frames/{frame}/subject', [DeskController::class, 'subject'])
    ->can('decide', 'frame')
    ->name('frames.subject');
Route::post('frames/{frame}/judge', [DeskController::class, 'judge'])
    ->can('decide', 'frame')
    ->name('frames.judge');
Route::get('frames/{frame}/views', [DeskController::class, 'views'])
    ->middleware('throttle:views')
    ->can('critique', 'frame')
    ->name('frames.views');
Route::get('frames/{frame}/suggestion', [SuggestionController::class, 'edit'])
    ->can('decide', 'frame')
    ->name('suggestions.edit');
Route::put('frames/{frame}/suggestion', [SuggestionController::class, 'update'])
    ->can('decide', 'frame')
    ->name('suggestions.update');
Route::put('findings/{finding}', [FindingController::class, 'update'])
    ->can('decide', 'finding')
    ->name('findings.update');
Route::post('frames/{frame}/notes', [NoteController::class, 'store'])
    ->can('critique', 'frame')
    ->name('notes.store');
Route::get('frames/{frame}/what-if', [WhatIfController::class, 'preview'])
    ->middleware(['throttle:what-ifs', 'beside'])
    ->can('critique', 'frame')
    ->name('what-ifs.preview');
Route::get('frames/{frame}/what-if-form', [WhatIfController::class, 'form'])
    ->middleware('throttle:views')
    ->can('critique', 'frame')
    ->name('what-ifs.form');
Route::post('frames/{frame}/what-ifs', [WhatIfController::class, 'store'])
    ->can('critique', 'frame')
    ->name('what-ifs.store');
Route::get('what-ifs/{whatIf}', [WhatIfController::class, 'show'])
    ->middleware(['throttle:what-ifs', 'beside'])
    ->can('view', 'whatIf')
    ->name('what-ifs.show');
Route::delete('what-ifs/{whatIf}', [WhatIfController::class, 'destroy'])
    ->can('delete', 'whatIf')
    ->name('what-ifs.destroy');
Route::delete('notes/{note}', [NoteController::class, 'destroy'])
    ->can('delete', 'note')
    ->name('notes.destroy');

Route::get('attempts/{attempt}/return', [ReturnController::class, 'show'])
    ->can('readReturn', 'attempt')
    ->name('attempts.return');
Route::post('attempts/{attempt}/reply', [ReturnController::class, 'reply'])
    ->can('answer', 'attempt')
    ->name('attempts.reply');
Route::post('attempts/{attempt}/answer', [ReturnController::class, 'answer'])
    ->can('decide', 'attempt')
    ->name('attempts.answer');
Route::post('attempts/{attempt}/reshoot', [ReturnController::class, 'reshoot'])
    ->can('answer', 'attempt')
    ->name('attempts.reshoot');
Route::put('attempts/{attempt}/may-show', [ReturnController::class, 'mayShow'])
    ->can('prepare', 'attempt')
    ->name('attempts.may-show');
