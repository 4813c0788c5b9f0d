<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Courses\Roles;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;

/** What stands at the top of every page: the course one is in, its parts for one's role, and what is one's own. */
final readonly class Masthead
{
    /**
     * @param  list<array{label: string, url: string, isHere: bool}>  $parts  of the course
     * @param  int  $unread  notices that were not read
     * @param  bool  $hasFilm  whether there is film in their kit
     */
    private function __construct(
        public ?Course $course,
        public ?Role $role,
        public array $parts,
        public int $unread,
        public string $initials,
        public bool $isCoursePage,
        public bool $hasFilm,
    ) {
    }

    /**
     * @param  ?Course  $course  of the page; where it has none, the only one that somebody is in
     * @param  string  $here  the address of the page, without what follows "?"
     */
    public static function of(User $user, ?Course $course, Roles $roles, string $here): self
    {
        if ($course === null) {
            $courses = $user->courses()->limit(2)->get();
            $course = $courses->count() === 1 ? $courses->first() : null;
        }
        $role = $course === null ? null : $roles->in($course, $user);

        return new self(
            $role === null ? null : $course,
            $role,
            $course === null || $role === null ? [] : self::parts($course, $role, $here),
            $user->unreadNotifications()->count(),
            self::initials($user->name),
            $course !== null && $here === route('courses.show', $course),
            isset($user->kit['film']),
        );
    }

    /** @return list<array{label: string, url: string, isHere: bool}> */
    private static function parts(Course $course, Role $role, string $here): array
    {
        $routes = match ($role) {
            Role::Instructor => [
                'Desk' => 'courses.desk',
                'Board' => 'courses.board',
                'Class' => 'courses.class',
                'Briefs' => 'courses.briefs',
                'Members' => 'courses.members',
                'Settings' => 'courses.settings',
            ],
            Role::Critic => ['Desk' => 'courses.desk', 'Board' => 'courses.board', 'Class' => 'courses.class'],
            Role::Student => ['Your way' => 'skills'],
        };
        $parts = [];
        foreach ($routes as $label => $route) {
            $url = route($route, $course);
            $parts[] = ['label' => $label, 'url' => $url, 'isHere' => $here === $url || self::isUnder($label, $here)];
        }

        return $parts;
    }

    /** Pages that belong to a part without lying under its address. */
    private static function isUnder(string $label, string $here): bool
    {
        $path = (string) parse_url($here, PHP_URL_PATH);

        return match ($label) {
            'Desk' => preg_match('~^/desk/\d+|^/briefs/\d+/desk$|^/frames/\d+/beside/~', $path) === 1,
            'Class' => preg_match('~^/briefs/\d+/patterns~', $path) === 1,
            'Briefs' => preg_match('~^/briefs/\d+$|^/courses/\d+/(briefs|compose|pack)~', $path) === 1,
            'Members' => preg_match('~^/courses/\d+/(members|invitation|people)~', $path) === 1,
            'Settings' => preg_match('~^/courses/\d+/trail$~', $path) === 1,
            default => false,
        };
    }

    /** The first letters of the first name and the last. */
    private static function initials(string $name): string
    {
        $words = preg_split('/\s+/u', trim($name)) ?: [];
        $first = mb_substr($words[0] ?? '', 0, 1);

        return mb_strtoupper($first.(count($words) > 1 ? mb_substr($words[count($words) - 1], 0, 1) : ''));
    }
}
