<?php

declare(strict_types=1);

namespace App\Accounts;

use App\HandIn\PictureStore;
use App\Imaging\HeldFiles;
use App\Models\Course;
use App\Models\DaySheet;
use App\Models\DrillAnswer;
use App\Models\FilmRoll;
use App\Models\Frame;
use App\Models\Note;
use App\Models\OwnBrief;
use App\Models\Phrase;
use App\Models\Revisit;
use App\Models\RollFrame;
use App\Models\SavedPlan;
use App\Models\SettingsBank;
use App\Models\User;
use App\Practice\RollPictures;
use App\Transfer\CourseDocument;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;
use stdClass;
use ZipArchive;

/** Everything of a person's, to take along: data as JSON, pictures as they were handed in. */
final readonly class Takeout
{
    public function __construct(private PictureStore $store, private RollPictures $rolls)
    {
    }

    /** @param  string  $path  where the file goes */
    public function write(User $user, string $path): void
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The file cannot be written.');
        }
        foreach ($this->documents($user) as $name => $data) {
            $zip->addFromString(
                $name,
                (string) json_encode(
                    $data,
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
                ),
            );
        }
        $held = new HeldFiles();
        foreach ($this->files($user) as $name => $there) {
            $file = $held->hold($there);
            if (is_file($file)) {
                $zip->addFile($file, $name);
                // They are compressed already.
                $zip->setCompressionName($name, ZipArchive::CM_STORE);
            }
        }
        if (! $zip->close()) {
            throw new RuntimeException('The file cannot be written: is the disk full?');
        }
    }

    /** @return iterable<string, array<mixed>> by file name */
    private function documents(User $user): iterable
    {
        yield 'account.json' => [
            'name' => $user->name,
            'email' => $user->email,
            'confirmed' => $user->email_verified_at?->toIso8601ZuluString(),
            'timezone' => $user->timezone,
            'language' => $user->locale,
            'noMailFor' => $user->no_mail ?? [],
            'keepsLocation' => $user->keeps_location,
            'runsTheService' => $user->is_operator,
            'since' => $user->created_at?->toIso8601ZuluString(),
            'kit' => $user->kit,
            'firstSettings' => $user->first_settings ?? [],
            'lessonsRead' => $user->lessons_read ?? [],
            'courses' => $user->courses()->get()->map(
                fn (Course $course): array => ['name' => $course->name, 'as' => $course->getRelation('pivot')->role],
            )->all(),
        ];
        // Also of courses that were left: what was handed in there is still its student's.
        $courses = Course::query()
            ->whereHas('setBriefs', fn ($query) => $query->whereHas(
                'attempts',
                fn ($query) => $query->where('user_id', $user->id),
            ))
            ->get();
        foreach ($courses as $course) {
            yield sprintf('courses/%s-%d.json', Str::slug($course->name), $course->id) => CourseDocument::of(
                $course,
                $user->id,
            );
        }
        yield 'plans.json' => SavedPlan::query()->where('user_id', $user->id)->get()->map(
            fn (SavedPlan $plan): array => ['attempt' => $plan->number, 'typed' => $plan->input],
        )->all();
        yield 'day-sheets.json' => DaySheet::query()->where('user_id', $user->id)->with('fieldNotes')->get()->map(
            fn (DaySheet $sheet): array => [...$sheet->content, 'notes' => $sheet->notebook()->values()],
        )->all();
        yield 'to-go-back-for.json' => Revisit::query()->where('user_id', $user->id)->with('frame')->get()->map(
            fn (Revisit $one): array => ['frame' => $one->frame->original_name, ...$one->wish],
        )->all();
        yield 'film-rolls.json' => FilmRoll::query()->where('user_id', $user->id)->with('fieldNotes')->get()->map(
            fn (FilmRoll $roll): array => [...$roll->content, 'log' => $roll->notebook()->values()],
        )->all();
        yield 'notes.json' => Note::query()->where('author_id', $user->id)->orderBy('id')->get()->map(
            fn (Note $note): array => ['written' => $note->created_at?->toIso8601ZuluString(), 'body' => $note->body],
        )->all();
        yield 'phrases.json' => Phrase::query()->where('user_id', $user->id)->orderBy('id')->get()->map(
            fn (Phrase $phrase): array => ['about' => $phrase->topic?->value, 'sentence' => $phrase->body],
        )->all();
        yield 'banks.json' => SettingsBank::query()->where('user_id', $user->id)->pluck('bank')->all();
        yield 'briefs.json' => OwnBrief::query()->where('user_id', $user->id)->pluck('brief')->all();
        yield 'drills.json' => DrillAnswer::query()->where('user_id', $user->id)->orderBy('id')
            ->get(['kind', 'level', 'seed', 'scene', 'answer', 'is_right', 'created_at'])->toArray();
        yield 'sign-ins.json' => DB::table('sign_ins')->where('user_id', $user->id)->orderBy('id')
            ->get(['created_at', 'device', 'way', 'from'])->map(fn (stdClass $one): array => (array) $one)->all();
        yield 'notices.json' => $user->notifications()->get()->map(
            fn ($notice): array => ['at' => $notice->created_at?->toIso8601ZuluString(), ...$notice->data],
        )->all();
    }

    /** @return iterable<string, string> paths by name */
    private function files(User $user): iterable
    {
        $frames = Frame::query()
            ->whereHas('attempt', fn ($query) => $query->where('user_id', $user->id))
            ->with(['picture', 'attempt.setBrief'])
            ->orderBy('id')
            ->lazy(200);
        foreach ($frames as $frame) {
            $ending = Str::lower(pathinfo($frame->original_name, PATHINFO_EXTENSION));
            yield sprintf(
                'pictures/%s/attempt-%d/%s-%d%s',
                $frame->attempt->setBrief->brief_id,
                $frame->attempt->number,
                Str::slug(pathinfo($frame->original_name, PATHINFO_FILENAME)) ?: 'frame',
                $frame->id,
                preg_match('/^[a-z0-9]{1,5}$/', $ending) === 1 ? '.'.$ending : '',
            ) => $this->store->original($frame->picture);
        }
        foreach (RollFrame::query()->where('user_id', $user->id)->orderBy('id')->get() as $frame) {
            foreach ($this->rolls->written($frame) as $name => $path) {
                yield 'roll/'.$name => $path;
            }
        }
    }
}
