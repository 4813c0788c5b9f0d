<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Address;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Contracts\Console\PromptsForMissingInput;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Approach\Approach;

#[AsCommand('pupil:course')]
final class MakeCourse extends Command implements PromptsForMissingInput
{
    protected $signature =
        'pupil:course {name : the course} {email : the instructor\'s address} {--instructor= : the '.
        'instructor\'s name} {--place=}';

    protected $description = 'Makes a course and its instructor, and prints the join code';

    public function handle(): int
    {
        $input = ['name' => $this->argument('name'), 'email' => Address::of($this->argument('email'))];
        $problems = Validator::make($input, [
            'name' => ['required', 'max:120'],
            'email' => ['required', 'email', 'max:190'],
        ])->errors();
        if ($problems->isNotEmpty()) {
            $this->error(implode(' ', $problems->all()));

            return self::FAILURE;
        }
        $password = Str::password(14, symbols: false);
        [$course, $isNew] = DB::transaction(function () use ($input, $password): array {
            // An address that nobody has confirmed says nothing of whose account it stands in.
            $instructor =
                User::query()->where('confirmed_email', $input['email'])->first() ??
                User::query()->create([
                    'name' => $this->option('instructor') ?? Str::before($input['email'], '@'),
                    'email' => $input['email'],
                    'password' => $password,
                ]);
            if ($instructor->wasRecentlyCreated) {
                $instructor->forceFill(['email_verified_at' => now()])->save();
            }
            $course = Course::query()->create([
                'name' => $input['name'],
                'place' => $this->option('place'),
                'join_code' => Course::newJoinCode(),
                'approach' => (new Approach())->toArray(),
            ]);
            $course->memberships()->create(['user_id' => $instructor->id, 'role' => Role::Instructor]);

            return [$course, $instructor->wasRecentlyCreated];
        });
        $this->line(sprintf('"%s" is made. Students join with %s.', $course->name, $course->join_code));
        $this->line(
            $isNew
                ? sprintf('%s signs in with the password %s', $input['email'], $password)
                : sprintf('%s teaches it with the password they have.', $input['email']),
        );

        return self::SUCCESS;
    }

    /** @return array<string, array{string, string}> what it asks for where it is not said, with an example */
    protected function promptForMissingArgumentsUsing(): array
    {
        return [
            'name' => ['What is the course called?', 'Evenings with a camera'],
            'email' => ['Which address does its instructor sign in with?', 'you@courses.example'],
        ];
    }
}
