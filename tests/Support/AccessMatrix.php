<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\AttemptState;

/**
 * Who gets past the policies of each route, in each state of the attempt that it is about.
 *
 * Roles: a *visitor* has not signed in; the *owner* is the student whose attempt it is; a *classmate* is another
 * student of the course; a *stranger* studies in another course; *removed* was a student of this one and owns an
 * attempt in it; *critic* and *instructor* are the course's; *foreign* teaches another course. *members* are owner,
 * classmate, critic and instructor; *signed-in* is everybody but a visitor.
 *
 * What is possible in a state, and answered with a reason where it is not, is the actions' matter and tested with them.
 */
final class AccessMatrix
{
    /** By method and address: who, or "state state: who; state: who". */
    public const ROUTES = [
        'GET healthz' => 'everybody',
        'GET sign-in' => 'visitor',
        'POST sign-in' => 'visitor',
        'GET join' => 'everybody',
        'POST join' => 'everybody',
        'GET start' => 'everybody',
        'POST start' => 'everybody',
        'GET forgotten' => 'visitor',
        'POST forgotten' => 'visitor',
        'GET new-password/{token}' => 'visitor',
        'PUT new-password' => 'visitor',
        // Whoever has the signed link: without it these are forbidden to everybody (SignedLinksTest).
        'GET confirm/{user}/{address}' => 'everybody',
        'POST confirm/{user}/{address}' => 'everybody',
        'GET set-password/{user}/{was}' => 'everybody',
        'POST set-password/{user}/{was}' => 'everybody',
        'GET claim/{user}/{mark}' => 'everybody',
        'POST claim/{user}/{mark}' => 'everybody',
        'GET what-is-kept' => 'everybody',
        'GET letterbox' => 'everybody',
        'GET words' => 'everybody',
        'GET words/{term}' => 'everybody',
        'GET account' => 'signed-in',
        'PUT account' => 'signed-in',
        'PUT account/address' => 'signed-in',
        'POST account/confirm' => 'signed-in',
        'PUT account/password' => 'signed-in',
        'PUT account/notices' => 'signed-in',
        'DELETE account/devices' => 'signed-in',
        'DELETE account' => 'signed-in',
        'POST account/keep' => 'signed-in',
        'POST account/takeout' => 'signed-in',
        'GET notices' => 'signed-in',
        'POST notices/read' => 'signed-in',
        'POST notices/seen' => 'signed-in',
        'POST notices/{notice}' => 'signed-in',
        'POST sign-out' => 'signed-in',
        'GET /' => 'signed-in',
        'GET faces' => 'signed-in',
        'GET bench' => 'signed-in',
        'GET bench/{sheet}' => 'signed-in',
        'GET kit' => 'signed-in',
        'PUT kit' => 'signed-in',
        'GET kit/kit.csv' => 'signed-in',
        'POST kit/table' => 'signed-in',
        'POST kit/body' => 'signed-in',
        'POST kit/from-frame' => 'signed-in',
        'GET banks' => 'signed-in',
        'GET banks/cards' => 'signed-in',
        'GET banks/new' => 'signed-in',
        'POST banks' => 'signed-in',
        'GET banks/{bank}' => 'owner removed',
        'PUT banks/{bank}' => 'owner removed',
        'DELETE banks/{bank}' => 'owner removed',
        'GET first-settings' => 'signed-in',
        'PUT first-settings' => 'signed-in',
        'GET practice' => 'signed-in',
        'GET drills' => 'signed-in',
        'GET drills/next' => 'signed-in',
        'GET drills/{kind}/{scene}/{level}/{seed}' => 'signed-in',
        'POST drills/{kind}/{scene}/{level}/{seed}' => 'signed-in',
        'GET drills/{kind}/{scene}/{level}/{seed}/{frame}' => 'signed-in',
        'GET practice/{scene}' => 'signed-in',
        'GET practice/{scene}/patterns' => 'signed-in',
        'POST practice/{scene}' => 'signed-in',
        'GET roll' => 'signed-in',
        'GET roll/compare' => 'signed-in',
        'GET roll/{rollFrame}/picture' => 'owner removed',
        'GET roll/{rollFrame}/file' => 'owner removed',
        'POST roll/{rollFrame}/hand-in' => 'owner removed',
        'DELETE roll/{rollFrame}' => 'owner removed',
        'GET courses/{course}' => 'members',
        'GET courses/{course}/set-briefs' => 'instructor',
        'POST courses/{course}/set-briefs/by-dates' => 'instructor',
        'GET courses/{course}/invitation' => 'instructor',
        'POST courses/{course}/archive' => 'instructor',
        'POST courses/{course}/reopen' => 'instructor',
        'POST courses/{course}/copy' => 'instructor',
        'GET courses/{course}/class' => 'critic instructor',
        'GET courses/{course}/board' => 'critic instructor',
        'GET courses/{course}/desk' => 'critic instructor',
        'GET courses/{course}/members' => 'instructor',
        'PUT courses/{course}/members/{user}' => 'instructor',
        'DELETE courses/{course}/members/{user}' => 'instructor',
        'POST courses/{course}/members/{user}/link' => 'instructor',
        'GET courses/{course}/trail' => 'instructor',
        'DELETE courses/{course}' => 'instructor',
        'POST courses/{course}/code' => 'instructor',
        'GET courses/{course}/skills' => 'members',
        'GET courses/{course}/members/{user}/skills' => 'instructor',
        'GET courses/{course}/members/{user}/points.csv' => 'instructor',
        'GET courses/{course}/frames.csv' => 'instructor',
        'GET courses/{course}/course.json' => 'instructor',
        'GET courses/{course}/portfolio.zip' => 'members',
        'GET courses/{course}/members/{user}/portfolio.zip' => 'instructor',
        'GET courses/{course}/settings' => 'instructor',
        'PUT courses/{course}/settings' => 'instructor',
        'GET courses/{course}/dates.ics' => 'members',
        'GET courses/{course}/drills' => 'instructor',
        'GET courses/{course}/drills/{user}' => 'instructor',
        'GET courses/{course}/briefs' => 'instructor',
        'POST courses/{course}/briefs' => 'instructor',
        'GET courses/{course}/compose' => 'instructor',
        'POST courses/{course}/compose' => 'instructor',
        'POST courses/{course}/compose/checks' => 'instructor',
        'POST courses/{course}/compose/try' => 'instructor',
        'GET courses/{course}/compose/{brief}/revisions' => 'instructor',
        'GET courses/{course}/pack' => 'instructor',
        'POST courses/{course}/pack' => 'instructor',
        'POST courses/{course}/pack/keep' => 'instructor',
        'GET briefs/{setBrief}' => 'members',
        'PUT briefs/{setBrief}' => 'instructor',
        'POST briefs/{setBrief}/move' => 'instructor',
        'POST briefs/{setBrief}/more-time' => 'instructor',
        'POST briefs/{setBrief}/correct' => 'instructor',
        'DELETE briefs/{setBrief}' => 'instructor',
        'POST briefs/{setBrief}/frames' => 'owner classmate',
        'GET briefs/{setBrief}/plan' => 'owner classmate',
        'PUT briefs/{setBrief}/plan' => 'owner classmate',
        'POST briefs/{setBrief}/plan/choose' => 'owner classmate',
        'GET briefs/{setBrief}/plan/print' => 'owner classmate',
        'GET briefs/{setBrief}/patterns' => 'critic instructor',
        'GET briefs/{setBrief}/patterns/project' => 'critic instructor',
        'GET briefs/{setBrief}/uploads' => 'owner classmate',
        'POST briefs/{setBrief}/uploads' => 'owner classmate',
        'GET frames/{frame}' => 'owner',
        'PUT frames/{frame}' => 'owner',
        'DELETE frames/{frame}' => 'owner',
        'GET frames/{frame}/progress' => 'owner',
        'GET frames/{frame}/picture' => 'draft: owner; waiting at-desk returned: owner critic instructor',
        'GET frames/{frame}/small' => 'draft: owner; waiting at-desk returned: owner critic instructor',
        'GET frames/{frame}/whole' => 'draft: owner; waiting at-desk returned: owner critic instructor',
        'GET frames/{frame}/retaken/{number}' => 'draft: owner; waiting at-desk returned: owner critic instructor',
        'GET frames/{frame}/spot' => 'draft: owner; waiting at-desk returned: owner critic instructor',
        'GET attempts/{attempt}' => 'owner',
        'GET attempts/{attempt}/progress' => 'owner',
        'POST attempts/{attempt}/take-back' => 'owner',
        'POST attempts/{attempt}/hand-in' => 'owner',
        'GET desk/{attempt}' => 'waiting at-desk returned: critic instructor',
        'POST desk/{attempt}/open' => 'waiting at-desk returned: instructor',
        'PUT desk/{attempt}' => 'waiting at-desk returned: instructor',
        'POST desk/{attempt}/correct' => 'waiting at-desk returned: instructor',
        'POST desk/{attempt}/here' => 'waiting at-desk returned: critic instructor',
        'POST attempts/{attempt}/answer' => 'waiting at-desk returned: instructor',
        'POST desk/{attempt}/accept-rest' => 'waiting at-desk returned: instructor',
        'POST desk/{attempt}/recall' => 'waiting at-desk returned: instructor',
        'POST desk/{attempt}/publish' => 'waiting at-desk returned: instructor',
        'POST courses/{course}/silences' => 'instructor',
        'DELETE courses/{course}/silences' => 'instructor',
        'POST desk/{attempt}/give' => 'waiting at-desk returned: critic instructor',
        'POST frames/{frame}/judge' => 'waiting at-desk returned: instructor',
        'GET frames/{frame}/views' => 'waiting at-desk returned: critic instructor',
        'GET frames/{frame}/suggestion' => 'waiting at-desk returned: instructor',
        'PUT frames/{frame}/suggestion' => 'waiting at-desk returned: instructor',
        'PUT findings/{finding}' => 'waiting at-desk returned: instructor',
        'POST frames/{frame}/notes' => 'waiting at-desk returned: critic instructor',
        'GET frames/{frame}/what-if' => 'waiting at-desk returned: critic instructor',
        'POST frames/{frame}/what-ifs' => 'waiting at-desk returned: critic instructor',
        'GET what-ifs/{whatIf}' => 'waiting at-desk: critic instructor; returned: owner critic instructor',
        'DELETE what-ifs/{whatIf}' => 'waiting at-desk: critic',
        'DELETE notes/{note}' => 'waiting at-desk: critic',
        'GET attempts/{attempt}/return' => 'returned: owner critic instructor',
        'POST attempts/{attempt}/reply' => 'returned: owner',
        'POST attempts/{attempt}/reshoot' => 'returned: owner',
        'PUT attempts/{attempt}/may-show' => 'owner',
    ];

    private const GROUPS = [
        'everybody' => 'visitor owner classmate stranger removed critic instructor foreign',
        'signed-in' => 'owner classmate stranger removed critic instructor foreign',
        'members' => 'owner classmate critic instructor',
    ];

    /** @return list<string> the roles that get past, in their order */
    public static function passing(string $route, AttemptState $state): array
    {
        $passing = [];
        foreach (explode('; ', self::ROUTES[$route] ?? '') as $rule) {
            [$states, $people] = str_contains($rule, ': ') ? explode(': ', $rule) : [$state->value, $rule];
            if (in_array($state->value, explode(' ', $states), true)) {
                $passing = explode(' ', self::GROUPS[$people] ?? $people);
            }
        }

        return $passing;
    }
}
