<?php

declare(strict_types=1);

namespace App\Transfer;

/**
 * What belongs to a course in the database, in the order in which it can be put into another, and what points where.
 */
final class CourseTables
{
    public const FORMAT = 'true-pupil.course-archive';

    public const VERSION = 7;

    /** Tables that older archives do not have, by the version that has them first. */
    public const SINCE = [
        'extensions' => 4,
        'meetings' => 5,
        'film_rolls' => 6,
        'day_sheets' => 6,
        'field_notes' => 6,
        'revisits' => 6,
        'summary_versions' => 7,
    ];

    /** What is known of people elsewhere: no password, and nothing of how they use the installation. */
    public const OF_PEOPLE = ['id', 'name', 'email', 'kit', 'first_settings', 'created_at', 'updated_at'];

    /** Columns that archives of version 1 named otherwise, by table. */
    public const RENAMED_SINCE_1 = [
        'frames' => [
            'typed' => 'stated',
            'own_suggestion' => 'instructor_suggestion',
            'silences' => 'unmet_needs',
        ],
        'plans' => ['typed' => 'input'],
    ];

    /** Columns that point at rows of other tables; each table after those that it points at. */
    public const POINTERS = [
        'users' => [],
        'courses' => [],
        'memberships' => ['course_id' => 'courses', 'user_id' => 'users'],
        'meetings' => ['course_id' => 'courses'],
        'set_briefs' => ['course_id' => 'courses', 'meeting_id' => 'meetings'],
        'silenced_findings' => ['course_id' => 'courses', 'user_id' => 'users'],
        'extensions' => ['set_brief_id' => 'set_briefs', 'user_id' => 'users'],
        'attempts' => [
            'set_brief_id' => 'set_briefs',
            'user_id' => 'users',
            'answered_by' => 'users',
            'published_by' => 'users',
        ],
        'summary_versions' => ['attempt_id' => 'attempts', 'user_id' => 'users'],
        'pictures' => [],
        'practice_shots' => [],
        // A person's own, before the frames that are scans of them.
        'film_rolls' => ['user_id' => 'users'],
        'day_sheets' => ['user_id' => 'users', 'set_brief_id' => 'set_briefs'],
        'field_notes' => ['day_sheet_id' => 'day_sheets', 'film_roll_id' => 'film_rolls'],
        'frames' => ['attempt_id' => 'attempts', 'picture_id' => 'pictures', 'film_roll_id' => 'film_rolls'],
        'findings' => ['frame_id' => 'frames', 'decided_by' => 'users'],
        'notes' => ['frame_id' => 'frames', 'author_id' => 'users'],
        'what_ifs' => ['frame_id' => 'frames', 'author_id' => 'users'],
        'plans' => ['user_id' => 'users', 'set_brief_id' => 'set_briefs'],
        'revisits' => ['user_id' => 'users', 'frame_id' => 'frames', 'again_frame_id' => 'frames'],
        ...self::OWN,
    ];

    /** What is a person's and no course's: it goes along with whoever is new there. */
    public const OWN = [
        'own_briefs' => ['user_id' => 'users'],
        'settings_banks' => ['user_id' => 'users'],
        'drill_answers' => ['user_id' => 'users'],
        'drill_returns' => ['user_id' => 'users'],
    ];

    /** What is known again by its content, wherever it lies. */
    public const SAME_BY = ['pictures' => 'hash', 'practice_shots' => 'hash'];
}
