<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Csv\CsvReader;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;
use App\Notices\InvitationLetter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;

/**
 * Names and addresses, pasted or from a table: "Ada Fern, ada@…", "Ada Fern <ada@…>", with a heading or not. Each is
 * invited to take a place in a course; whether an address has an account elsewhere is told to nobody.
 */
final class PeopleList
{
    /** Lines of one list. */
    public const MOST = 300;

    /** What stands over the columns of a table. */
    private const HEADING = '/\b(name|e-?mail|mail|address)\b/i';

    /** @return list<ListedPerson> a line each, with what will happen to it */
    public static function read(string $text, Course $course): array
    {
        // "Ada Fern <ada@…>" is the same as "Ada Fern, ada@…".
        $plain = preg_replace('/\s*<\s*([^<>\s]+@[^<>\s]+)\s*>/', ', $1', $text) ?? $text;
        $there = array_flip(array_filter(array_merge(
            ...$course->memberships()->with('user')->get()->map(
                fn ($member): array => [$member->user->email, $member->user->invited_email],
            )->all(),
        )));
        $people = $seen = [];
        $rows = CsvReader::rows($plain, CsvReader::separatorOf($plain));
        foreach ($rows as $line => $row) {
            [$name, $address] = self::cells($row);
            if ($people === [] && $address === '' && preg_match(self::HEADING, implode(' ', $row)) === 1) {
                continue;
            }
            $people[] = new ListedPerson($line, $name, $address, match (true) {
                count($people) >= self::MOST => sprintf('A list takes %d people; put it into another.', self::MOST),
                filter_var($address, FILTER_VALIDATE_EMAIL) === false => 'There is no address that mail can go to.',
                $name === '' => 'There is no name.',
                isset($there[$address]) => 'Is in the course already.',
                isset($seen[$address]) => 'Stands in the list twice.',
                default => null,
            });
            $seen[$address] = true;
        }

        return $people;
    }

    /**
     * @param  list<ListedPerson>  $people
     * @return int how many were invited
     */
    public static function invite(array $people, Course $course): int
    {
        $invited = array_filter($people, fn (ListedPerson $one): bool => $one->problem === null);
        foreach ($invited as $one) {
            $user = DB::transaction(function () use ($one, $course): User {
                $user = User::query()->create([
                    'name' => mb_substr($one->name, 0, 120),
                    'email' => null,
                    'invited_email' => mb_substr($one->address, 0, 190),
                ]);
                $course->memberships()->create(['user_id' => $user->id, 'role' => Role::Student]);

                return $user;
            });
            Notification::route('mail', $one->address)->notify(
                new InvitationLetter(Links::claim($user), $user->name, $course->name),
            );
        }

        return count($invited);
    }

    /**
     * @param  list<string>  $row
     * @return array{string, string} the name and the address, in whichever order they stand
     */
    private static function cells(array $row): array
    {
        $isAddress = fn (string $cell): bool => str_contains($cell, '@');
        $addresses = array_values(array_filter($row, $isAddress));
        $names = array_values(array_filter($row, fn (string $cell): bool => ! $isAddress($cell)));

        return [trim(implode(' ', $names)), Address::of($addresses[0] ?? '')];
    }
}
