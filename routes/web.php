<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AttemptController;
use App\Http\Controllers\BankController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ClaimController;
use App\Http\Controllers\ComposerController;
use App\Http\Controllers\ConfirmController;
use App\Http\Controllers\CourseController;
use App\Http\Controllers\CourseSettingsController;
use App\Http\Controllers\DeskController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FindingController;
use App\Http\Controllers\FirstSettingsController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\FramePictureController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\KeptController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\KitListController;
use App\Http\Controllers\LetterboxController;
use App\Http\Controllers\MemberController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\NoticeController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\RetakeController;
use App\Http\Controllers\ReturnController;
use App\Http\Controllers\RollController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SetBriefController;
use App\Http\Controllers\SilenceController;
use App\Http\Controllers\SkillController;
use App\Http\Controllers\SpotController;
use App\Http\Controllers\StartCourseController;
use App\Http\Controllers\SuggestionController;
use App\Http\Controllers\TrailController;
use App\Http\Controllers\UploadController;
use App\Http\Controllers\WhatIfController;
use Illuminate\Support\Facades\Route;

Route::get('healthz', HealthController::class)->withoutMiddleware('web')->name('health');

Route::middleware('guest')->group(function (): void {
    Route::get('sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
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

// A course is joined by its code, by somebody new or by somebody who has signed in.
Route::get('join', [JoinController::class, 'create'])->name('join');
Route::post('join', [JoinController::class, 'store'])->middleware('throttle:join');

// A course is begun by somebody new or by somebody who has signed in.
Route::get('start', [StartCourseController::class, 'create'])->name('start');
Route::post('start', [StartCourseController::class, 'store'])->middleware('throttle:join');

Route::middleware('auth')->group(function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/', HomeController::class)->name('home');

    // One's own account.
    Route::get('account', [AccountController::class, 'show'])->name('account');
    Route::middleware('throttle:account')->group(function (): void {
        Route::put('account', [AccountController::class, 'update'])->name('account.update');
        Route::put('account/address', [AccountController::class, 'address'])->name('account.address');
        Route::post('account/confirm', [AccountController::class, 'confirm'])->name('account.confirm');
        Route::put('account/password', [AccountController::class, 'password'])->name('account.password');
        Route::put('account/notices', [AccountController::class, 'notices'])->name('account.notices');
        Route::delete('account/devices', [AccountController::class, 'signOutOthers'])->name('account.devices');
        Route::delete('account', [AccountController::class, 'destroy'])->name('account.destroy');
        Route::post('account/keep', [AccountController::class, 'keep'])->name('account.keep');
    });
    Route::post('account/takeout', [AccountController::class, 'takeout'])
        ->middleware('throttle:takeout')
        ->name('account.takeout');
    Route::get('notices', [NoticeController::class, 'index'])->name('notices');
    Route::post('notices/read', [NoticeController::class, 'readAll'])->name('notices.read');
    Route::post('notices/{notice}', [NoticeController::class, 'open'])->name('notices.open');

    // Everybody's tools, and everybody's own kit.
    Route::view('faces', 'pages.faces')->name('faces');
    Route::get('bench', [BenchController::class, 'index'])->name('bench');
    Route::get('bench/{sheet}', [BenchController::class, 'show'])->name('bench.show');
    Route::get('kit', [KitController::class, 'edit'])->name('kit.edit');
    Route::put('kit', [KitController::class, 'update'])->name('kit.update');
    Route::get('kit/kit.csv', [KitListController::class, 'export'])->name('kit.table');
    Route::post('kit/table', [KitListController::class, 'import'])->name('kit.table.import');
    Route::post('kit/body', [KitListController::class, 'body'])->name('kit.body');
    Route::post('kit/from-frame', [KitListController::class, 'fromFrame'])->name('kit.from-frame');

    // Settings banks, and the list that a camera is set up by.
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
        ->whereNumber(['level', 'seed'])
        ->name('drills.picture');
    Route::get('practice/{scene}', [PracticeController::class, 'show'])
        ->middleware('throttle:finder')
        ->name('practice.show');
    Route::get('practice/{scene}/patterns', [PracticeController::class, 'patterns'])->name('practice.patterns');
    Route::post('practice/{scene}', [PracticeController::class, 'press'])
        ->middleware('throttle:60,1')
        ->name('practice.press');
    Route::get('roll', [RollController::class, 'index'])->name('roll');
    Route::get('roll/compare', [RollController::class, 'compare'])->name('roll.compare');
    Route::get('roll/{rollFrame}/picture', [RollController::class, 'picture'])
        ->can('own', 'rollFrame')
        ->name('roll.picture');
    Route::get('roll/{rollFrame}/file', [RollController::class, 'download'])
        ->can('own', 'rollFrame')
        ->name('roll.download');
    Route::post('roll/{rollFrame}/hand-in', [RollController::class, 'handIn'])
        ->can('own', 'rollFrame')
        ->name('roll.hand-in');
    Route::delete('roll/{rollFrame}', [RollController::class, 'destroy'])
        ->can('own', 'rollFrame')
        ->name('roll.destroy');

    Route::get('courses/{course}', [CourseController::class, 'show'])
        ->can('view', 'course')
        ->name('courses.show');
    Route::get('courses/{course}/board', [BoardController::class, 'board'])
        ->can('critique', 'course')
        ->name('courses.board');
    Route::get('courses/{course}/desk', [BoardController::class, 'desk'])
        ->can('critique', 'course')
        ->name('courses.desk');
    Route::get('courses/{course}/members', [MemberController::class, 'index'])
        ->can('teach', 'course')
        ->name('courses.members');
    Route::put('courses/{course}/members/{user}', [MemberController::class, 'update'])
        ->can('teach', 'course')
        ->name('courses.members.update');
    Route::delete('courses/{course}/members/{user}', [MemberController::class, 'destroy'])
        ->can('teach', 'course')
        ->name('courses.members.destroy');
    Route::post('courses/{course}/members/{user}/link', [MemberController::class, 'link'])
        ->can('teach', 'course')
        ->name('courses.members.link');
    Route::get('courses/{course}/trail', TrailController::class)->can('teach', 'course')->name('courses.trail');
    Route::delete('courses/{course}', [CourseSettingsController::class, 'destroy'])
        ->can('teach', 'course')
        ->name('courses.destroy');
    Route::post('courses/{course}/code', [MemberController::class, 'code'])
        ->can('teach', 'course')
        ->name('courses.code');
    Route::get('courses/{course}/skills', [SkillController::class, 'own'])
        ->can('view', 'course')
        ->name('skills');
    Route::get('courses/{course}/members/{user}/skills', [SkillController::class, 'show'])
        ->can('teach', 'course')
        ->name('skills.of');
    Route::get('courses/{course}/members/{user}/points.csv', [SkillController::class, 'points'])
        ->can('teach', 'course')
        ->name('skills.points');
    Route::get('courses/{course}/frames.csv', [ExportController::class, 'table'])
        ->can('teach', 'course')
        ->name('exports.table');
    Route::get('courses/{course}/course.json', [ExportController::class, 'document'])
        ->can('teach', 'course')
        ->name('exports.document');
    Route::get('courses/{course}/portfolio.zip', [ExportController::class, 'portfolio'])
        ->can('view', 'course')
        ->name('exports.portfolio');
    Route::get('courses/{course}/members/{user}/portfolio.zip', [ExportController::class, 'portfolioOf'])
        ->can('teach', 'course')
        ->name('exports.portfolio-of');
    Route::get('courses/{course}/settings', [CourseSettingsController::class, 'edit'])
        ->can('teach', 'course')
        ->name('courses.settings');
    Route::put('courses/{course}/settings', [CourseSettingsController::class, 'update'])
        ->can('teach', 'course')
        ->name('courses.settings.update');
    Route::get('courses/{course}/dates.ics', CalendarController::class)
        ->can('view', 'course')
        ->name('courses.calendar');
    Route::get('courses/{course}/drills', [DrillController::class, 'course'])
        ->can('teach', 'course')
        ->name('courses.drills');
    Route::get('courses/{course}/drills/{user}', [DrillController::class, 'evidence'])
        ->can('teach', 'course')
        ->name('courses.drills.evidence');
    Route::get('courses/{course}/briefs', [SetBriefController::class, 'create'])
        ->can('teach', 'course')
        ->name('set-briefs.create');
    Route::post('courses/{course}/briefs', [SetBriefController::class, 'store'])
        ->can('teach', 'course')
        ->name('set-briefs.store');

    Route::get('courses/{course}/compose', [ComposerController::class, 'edit'])
        ->can('teach', 'course')
        ->name('composer');
    Route::post('courses/{course}/compose', [ComposerController::class, 'store'])
        ->can('teach', 'course')
        ->name('composer.store');
    Route::post('courses/{course}/compose/checks', [ComposerController::class, 'checks'])
        ->can('teach', 'course')
        ->name('composer.checks');
    Route::post('courses/{course}/compose/try', [ComposerController::class, 'try'])
        ->can('teach', 'course')
        ->name('composer.try');
    Route::get('courses/{course}/compose/{brief}/revisions', [ComposerController::class, 'revisions'])
        ->can('teach', 'course')
        ->name('composer.revisions');
    Route::get('courses/{course}/pack', [ComposerController::class, 'export'])
        ->can('teach', 'course')
        ->name('pack.export');
    Route::post('courses/{course}/pack', [PackController::class, 'preview'])
        ->can('teach', 'course')
        ->name('pack.preview');
    Route::post('courses/{course}/pack/keep', [PackController::class, 'store'])
        ->can('teach', 'course')
        ->name('pack.store');

    Route::get('briefs/{setBrief}', [SetBriefController::class, 'show'])
        ->can('view', 'setBrief')
        ->name('set-briefs.show');
    Route::put('briefs/{setBrief}', [SetBriefController::class, 'update'])
        ->can('teach', 'setBrief')
        ->name('set-briefs.update');
    Route::delete('briefs/{setBrief}', [SetBriefController::class, 'destroy'])
        ->can('teach', 'setBrief')
        ->name('set-briefs.destroy');
    Route::post('briefs/{setBrief}/frames', [FrameController::class, 'store'])
        ->can('handIn', 'setBrief')
        ->name('frames.store');

    Route::get('briefs/{setBrief}/plan', [PlanController::class, 'edit'])
        ->can('handIn', 'setBrief')
        ->name('plans.edit');
    Route::put('briefs/{setBrief}/plan', [PlanController::class, 'update'])
        ->can('handIn', 'setBrief')
        ->name('plans.update');
    Route::post('briefs/{setBrief}/plan/choose', [PlanController::class, 'choose'])
        ->can('handIn', 'setBrief')
        ->name('plans.choose');
    Route::get('briefs/{setBrief}/plan/print', [PlanController::class, 'print'])
        ->can('handIn', 'setBrief')
        ->name('plans.print');

    Route::get('briefs/{setBrief}/patterns', PatternController::class)->can('critique', 'setBrief')->name('patterns');

    // A file that comes in pieces.
    Route::get('briefs/{setBrief}/uploads', [UploadController::class, 'show'])
        ->can('handIn', 'setBrief')
        ->name('uploads.show');
    Route::post('briefs/{setBrief}/uploads', [UploadController::class, 'store'])
        ->can('handIn', 'setBrief')
        ->name('uploads.store');

    Route::get('frames/{frame}', [FrameController::class, 'edit'])
        ->can('prepare', 'frame')
        ->name('frames.edit');
    Route::put('frames/{frame}', [FrameController::class, 'update'])
        ->can('prepare', 'frame')
        ->name('frames.update');
    Route::delete('frames/{frame}', [FrameController::class, 'destroy'])
        ->can('prepare', 'frame')
        ->name('frames.destroy');
    Route::get('frames/{frame}/progress', [FrameController::class, 'progress'])
        ->can('prepare', 'frame')
        ->name('frames.progress');
    Route::get('frames/{frame}/picture', FramePictureController::class)->can('view', 'frame')->name('frames.picture');
    Route::get('frames/{frame}/small', [FramePictureController::class, 'small'])
        ->can('view', 'frame')
        ->name('frames.small');
    Route::get('frames/{frame}/whole', [FramePictureController::class, 'whole'])
        ->middleware('throttle:views')
        ->can('view', 'frame')
        ->name('frames.whole');
    Route::get('frames/{frame}/retaken/{number}', RetakeController::class)
        ->middleware('throttle:views')
        ->whereNumber('number')
        ->can('view', 'frame')
        ->name('frames.retaken');
    Route::get('frames/{frame}/spot', SpotController::class)
        ->middleware('throttle:spot')
        ->can('view', 'frame')
        ->name('frames.spot');
    Route::get('attempts/{attempt}', [AttemptController::class, 'show'])
        ->can('prepare', 'attempt')
        ->name('attempts.show');
    Route::get('attempts/{attempt}/progress', [AttemptController::class, 'progress'])
        ->can('prepare', 'attempt')
        ->name('attempts.progress');
    Route::post('attempts/{attempt}/take-back', [AttemptController::class, 'takeBack'])
        ->can('prepare', 'attempt')
        ->name('attempts.take-back');
    Route::post('attempts/{attempt}/hand-in', [AttemptController::class, 'handIn'])
        ->can('prepare', 'attempt')
        ->name('attempts.hand-in');

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
        ->middleware('throttle:what-ifs')
        ->can('critique', 'frame')
        ->name('what-ifs.preview');
    Route::post('frames/{frame}/what-ifs', [WhatIfController::class, 'store'])
        ->can('critique', 'frame')
        ->name('what-ifs.store');
    Route::get('what-ifs/{whatIf}', [WhatIfController::class, 'show'])
        ->middleware('throttle:what-ifs')
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
    Route::post('attempts/{attempt}/reshoot', [ReturnController::class, 'reshoot'])
        ->can('answer', 'attempt')
        ->name('attempts.reshoot');
    Route::put('attempts/{attempt}/may-show', [ReturnController::class, 'mayShow'])
        ->can('prepare', 'attempt')
        ->name('attempts.may-show');
});
