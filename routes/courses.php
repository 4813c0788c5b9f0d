<?php

declare(strict_types=1);

use App\Http\Controllers\AttemptController;
use App\Http\Controllers\BestFrameController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\BriefDatesController;
use App\Http\Controllers\BriefPictureController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ComposerController;
use App\Http\Controllers\CourseController;
use App\Http\Controllers\CourseRunController;
use App\Http\Controllers\CourseSettingsController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DemoLoadingController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\FramePictureController;
use App\Http\Controllers\MarkController;
use App\Http\Controllers\MemberController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PeopleListController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\ProgrammeController;
use App\Http\Controllers\RemoteController;
use App\Http\Controllers\RetakeController;
use App\Http\Controllers\RevisitController;
use App\Http\Controllers\ScanController;
use App\Http\Controllers\SetBriefController;
use App\Http\Controllers\SkillController;
use App\Http\Controllers\SpotController;
use App\Http\Controllers\SubjectGlanceController;
use App\Http\Controllers\TogetherController;
use App\Http\Controllers\TrailController;
use App\Http\Controllers\UploadController;
use Illuminate\Support\Facades\Route;

// A course with its briefs, plans, frames and attempts, up to the hand-in.

Route::get('courses/{course}', [CourseController::class, 'show'])
    ->can('view', 'course')
    ->name('courses.show');
Route::get('courses/{course}/demo', DemoLoadingController::class)->can('view', 'course')->name('courses.demo');
Route::get('courses/{course}/set-briefs', [CourseRunController::class, 'briefs'])
    ->can('teach', 'course')
    ->name('courses.briefs');
Route::post('courses/{course}/set-briefs/by-dates', [BriefDatesController::class, 'byDates'])
    ->can('teach', 'course')
    ->name('courses.by-dates');
Route::get('courses/{course}/invitation', [CourseRunController::class, 'invitation'])
    ->can('teach', 'course')
    ->name('courses.invitation');
Route::post('courses/{course}/archive', [CourseRunController::class, 'archive'])
    ->can('teach', 'course')
    ->name('courses.archive');
Route::post('courses/{course}/reopen', [CourseRunController::class, 'reopen'])
    ->can('teach', 'course')
    ->name('courses.reopen');
Route::post('courses/{course}/copy', [CourseRunController::class, 'copy'])
    ->can('teach', 'course')
    ->name('courses.copy');
Route::get('courses/{course}/class', [PatternController::class, 'index'])
    ->can('critique', 'course')
    ->name('courses.class');
Route::get('courses/{course}/board', [BoardController::class, 'board'])
    ->can('critique', 'course')
    ->name('courses.board');
Route::get('courses/{course}/desk', [BoardController::class, 'desk'])
    ->can('critique', 'course')
    ->name('courses.desk');
Route::get('courses/{course}/members', [MemberController::class, 'index'])
    ->can('teach', 'course')
    ->name('courses.members');
Route::get('courses/{course}/people', [PeopleListController::class, 'create'])
    ->can('teach', 'course')
    ->name('courses.people');
Route::post('courses/{course}/people', [PeopleListController::class, 'store'])
    ->can('teach', 'course')
    ->middleware('throttle:exports');
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
    ->middleware('throttle:exports')
    ->name('exports.table');
Route::get('courses/{course}/marks.csv', [MarkController::class, 'course'])
    ->can('teach', 'course')
    ->middleware('throttle:exports')
    ->name('marks.course');
Route::get('courses/{course}/members/{user}/marks.csv', [MarkController::class, 'student'])
    ->can('teach', 'course')
    ->name('marks.student');
Route::get('courses/{course}/course.json', [ExportController::class, 'document'])
    ->can('teach', 'course')
    ->middleware('throttle:exports')
    ->name('exports.document');
Route::get('courses/{course}/portfolio.zip', [ExportController::class, 'portfolio'])
    ->can('view', 'course')
    ->middleware('throttle:exports')
    ->name('exports.portfolio');
Route::get('courses/{course}/members/{user}/portfolio.zip', [ExportController::class, 'portfolioOf'])
    ->can('teach', 'course')
    ->middleware('throttle:exports')
    ->name('exports.portfolio-of');
Route::get('courses/{course}/settings', [CourseSettingsController::class, 'edit'])
    ->can('teach', 'course')
    ->name('courses.settings');
Route::put('courses/{course}/settings', [CourseSettingsController::class, 'update'])
    ->can('teach', 'course')
    ->name('courses.settings.update');
Route::get('courses/{course}/programme', [ProgrammeController::class, 'index'])
    ->can('view', 'course')
    ->name('programme');
Route::post('courses/{course}/programme', [ProgrammeController::class, 'store'])
    ->can('teach', 'course')
    ->name('programme.store');
Route::post('courses/{course}/programme/template', [ProgrammeController::class, 'follow'])
    ->can('teach', 'course')
    ->name('programme.follow');
Route::put('meetings/{meeting}', [ProgrammeController::class, 'update'])
    ->can('update', 'meeting')
    ->name('meetings.update');
Route::delete('meetings/{meeting}', [ProgrammeController::class, 'destroy'])
    ->can('update', 'meeting')
    ->name('meetings.destroy');
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
Route::get('courses/{course}/briefs/reach', [SetBriefController::class, 'reach'])
    ->can('teach', 'course')
    ->name('set-briefs.reach');
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
    ->middleware('throttle:views')
    ->name('composer.try');
Route::post('courses/{course}/compose/pictures', [BriefPictureController::class, 'store'])
    ->can('teach', 'course')
    ->middleware('throttle:views')
    ->name('brief-pictures.store');
Route::delete('courses/{course}/compose/pictures/{briefPicture}', [BriefPictureController::class, 'destroy'])
    ->can('teach', 'course')
    ->can('delete', 'briefPicture')
    ->name('brief-pictures.destroy');
Route::get('brief-pictures/{briefPicture}', [BriefPictureController::class, 'show'])
    ->can('view', 'briefPicture')
    ->name('brief-pictures.show');
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
Route::put('briefs/{setBrief}', [BriefDatesController::class, 'update'])
    ->can('teach', 'setBrief')
    ->name('set-briefs.update');
Route::post('briefs/{setBrief}/move', [BriefDatesController::class, 'move'])
    ->can('teach', 'setBrief')
    ->name('set-briefs.move');
Route::post('briefs/{setBrief}/more-time', [BriefDatesController::class, 'extend'])
    ->can('teach', 'setBrief')
    ->name('set-briefs.more-time');
Route::post('briefs/{setBrief}/correct', [SetBriefController::class, 'correct'])
    ->can('teach', 'setBrief')
    ->name('set-briefs.correct');
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
Route::post('briefs/{setBrief}/plan/answer', [PlanController::class, 'answer'])
    ->can('handIn', 'setBrief')
    ->name('plans.answer');
Route::post('briefs/{setBrief}/plan/choose', [PlanController::class, 'choose'])
    ->can('handIn', 'setBrief')
    ->name('plans.choose');
Route::get('briefs/{setBrief}/plan/print', [PlanController::class, 'print'])
    ->can('handIn', 'setBrief')
    ->name('plans.print');

// A whole day: its sheet, ticked and written on without a network.
Route::get('briefs/{setBrief}/day', [DayController::class, 'show'])
    ->can('handIn', 'setBrief')
    ->name('days.show');
Route::get('briefs/{setBrief}/day/edit', [DayController::class, 'edit'])
    ->can('handIn', 'setBrief')
    ->name('days.edit');
Route::put('briefs/{setBrief}/day', [DayController::class, 'update'])
    ->can('handIn', 'setBrief')
    ->name('days.update');
Route::delete('briefs/{setBrief}/day', [DayController::class, 'destroy'])
    ->can('handIn', 'setBrief')
    ->name('days.destroy');
Route::post('briefs/{setBrief}/day/notes', [DayController::class, 'notes'])
    ->can('handIn', 'setBrief')
    ->name('days.notes');
Route::get('briefs/{setBrief}/day.json', [DayController::class, 'document'])
    ->can('handIn', 'setBrief')
    ->name('days.document');
Route::post('briefs/{setBrief}/day/document', [DayController::class, 'import'])
    ->can('handIn', 'setBrief')
    ->name('days.import');

Route::get('briefs/{setBrief}/patterns', [PatternController::class, 'show'])
    ->can('critique', 'setBrief')
    ->name('patterns');
Route::get('briefs/{setBrief}/patterns/project', [PatternController::class, 'project'])
    ->can('critique', 'setBrief')
    ->name('patterns.project');

Route::get('briefs/{setBrief}/patterns/remote', [RemoteController::class, 'show'])
    ->can('critique', 'setBrief')
    ->name('patterns.remote');
Route::post('briefs/{setBrief}/patterns/remote', [RemoteController::class, 'press'])
    ->can('critique', 'setBrief')
    ->name('patterns.press');
Route::get('briefs/{setBrief}/patterns/wall', [RemoteController::class, 'wall'])
    ->middleware('beside')
    ->can('critique', 'setBrief')
    ->name('patterns.wall');

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
    ->middleware('beside')
    ->can('prepare', 'frame')
    ->name('frames.progress');
Route::get('frames/{frame}/glance', SubjectGlanceController::class)
    ->middleware(['throttle:glance', 'beside'])
    ->can('prepare', 'frame')
    ->name('frames.glance');
Route::get('frames/{frame}/picture', FramePictureController::class)
    ->can('view', 'frame')
    ->middleware('beside')
    ->name('frames.picture');
Route::get('frames/{frame}/small', [FramePictureController::class, 'small'])
    ->middleware('beside')
    ->can('view', 'frame')
    ->name('frames.small');
Route::get('frames/{frame}/whole', [FramePictureController::class, 'whole'])
    ->middleware(['throttle:views', 'beside'])
    ->can('view', 'frame')
    ->name('frames.whole');
Route::get('frames/{frame}/together', [TogetherController::class, 'show'])
    ->middleware(['throttle:views', 'beside'])
    ->can('view', 'frame')
    ->name('frames.together');
Route::get('frames/{frame}/together/{look}', [TogetherController::class, 'picture'])
    ->middleware(['throttle:views', 'beside'])
    ->can('view', 'frame')
    ->whereIn('look', ['natural', 'even', 'parts'])
    ->name('frames.together.picture');
Route::get('frames/{frame}/retaken/{number}', RetakeController::class)
    ->middleware(['throttle:views', 'beside'])
    ->whereNumber('number')
    ->can('view', 'frame')
    ->name('frames.retaken');
Route::get('frames/{frame}/spot', SpotController::class)
    ->middleware(['throttle:spot', 'beside'])
    ->can('view', 'frame')
    ->name('frames.spot');
// A picture that is worth going back for.
Route::get('frames/{frame}/again', [RevisitController::class, 'edit'])
    ->can('goBackFor', 'frame')
    ->name('revisits.edit');
Route::put('frames/{frame}/again', [RevisitController::class, 'update'])
    ->can('goBackFor', 'frame')
    ->name('revisits.update');
Route::delete('frames/{frame}/again', [RevisitController::class, 'destroy'])
    ->can('goBackFor', 'frame')
    ->name('revisits.destroy');
Route::post('frames/{frame}/again/with', [RevisitController::class, 'compare'])
    ->can('goBackFor', 'frame')
    ->name('revisits.compare');
Route::get('frames/{frame}/again.ics', [RevisitController::class, 'calendar'])
    ->can('goBackFor', 'frame')
    ->name('revisits.calendar');
Route::get('attempts/{attempt}', [AttemptController::class, 'show'])
    ->can('prepare', 'attempt')
    ->name('attempts.show');
Route::get('attempts/{attempt}/progress', [AttemptController::class, 'progress'])
    ->middleware('beside')
    ->can('prepare', 'attempt')
    ->name('attempts.progress');
Route::post('attempts/{attempt}/best', BestFrameController::class)
    ->can('prepare', 'attempt')
    ->name('attempts.best');
Route::post('attempts/{attempt}/scans', ScanController::class)
    ->can('prepare', 'attempt')
    ->name('attempts.scans');
Route::post('attempts/{attempt}/take-back', [AttemptController::class, 'takeBack'])
    ->can('prepare', 'attempt')
    ->name('attempts.take-back');
Route::post('attempts/{attempt}/hand-in', [AttemptController::class, 'handIn'])
    ->can('prepare', 'attempt')
    ->name('attempts.hand-in');
