<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Briefs\BriefLibrary;
use App\HandIn\AddPicture;
use App\HandIn\PreparedFrame;
use App\HandIn\PrepareFrame;
use App\HandIn\SubmitAttempt;
use App\Models\Attempt;
use App\Models\Course;
use App\Models\Frame;
use App\Models\Role;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Kit\Support;

/** A small course to test in: one instructor, one critic, two students, one brief. */
final readonly class World
{
    private function __construct(
        public Course $course,
        public SetBrief $setBrief,
        public User $instructor,
        public User $critic,
        public User $student,
        public User $neighbour,
        public User $outsider,
    ) {
    }

    /** @param  string  $mailbox  goes before the addresses of its people, so that there can be two */
    public static function make(string $code = 'TESTCQDE', string $mailbox = ''): self
    {
        $course = Course::query()->create([
            'name' => 'Evening course',
            'place' => 'Kilnyard',
            'join_code' => $code,
            'approach' => [],
        ]);
        $member = function (string $name, ?Role $role) use ($course, $mailbox): User {
            $user = User::query()->create([
                'name' => $name,
                'email' => $mailbox.Str::slug($name).'@kilnyard.example',
                'password' => 'a-long-password',
            ]);
            if ($role !== null) {
                $course->memberships()->create(['user_id' => $user->id, 'role' => $role]);
            }

            // As the database has it, with every column.
            return $user->refresh();
        };

        return new self(
            $course,
            $course->setBriefs()->create([
                'brief_id' => 'meter-is-fooled',
                'brief' => app(BriefLibrary::class)->data('meter-is-fooled'),
            ]),
            $member('Ina Structor', Role::Instructor),
            $member('Guy Crit', Role::Critic),
            $member('Stu Dent', Role::Student),
            $member('Nell Bour', Role::Student),
            $member('Out Sider', null),
        );
    }

    /** A frame that the student has handed in, judged. */
    public function handedIn(?string $picture = null, ?User $student = null): Attempt
    {
        $frame = $this->prepared($picture, $student);
        app(SubmitAttempt::class)->handle($frame->attempt);

        return $frame->attempt->refresh();
    }

    public function prepared(?string $picture = null, ?User $student = null): Frame
    {
        $frame = app(AddPicture::class)
            ->handle($this->setBrief, $student ?? $this->student, $picture ?? Pictures::jpeg(), 'pot.jpg')
            ->frame->refresh();
        app(PrepareFrame::class)->handle(
            $frame,
            new PreparedFrame(
                subject: Region::parse(Pictures::SUBJECT),
                stated: new StatedFields(support: Support::Hand),
                placementId: 'white',
                about: 'A pot.',
                reason: 'The meter said so.',
            ),
        );

        return $frame->refresh();
    }

    /** What the form of the prepare page sends. @return array<string, mixed> */
    public static function form(array $changes = []): array
    {
        return array_replace_recursive(
            [
                'placement_id' => 'white',
                'subject' => ['x' => '42', 'y' => '32', 'width' => '16', 'height' => '36'],
                'stated' => ['support' => 'hand'],
                'about' => 'A pot on a shelf.',
                'reason' => 'To see what the meter does.',
            ],
            $changes,
        );
    }

    public static function upload(string $path, string $name = 'pot.jpg'): UploadedFile
    {
        return new UploadedFile($path, $name, null, UPLOAD_ERR_OK, true);
    }
}
