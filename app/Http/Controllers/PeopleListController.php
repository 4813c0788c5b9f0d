<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\ListedPerson;
use App\Accounts\PeopleList;
use App\Http\Requests\PeopleListRequest;
use App\Letterbox\Letterbox;
use App\Models\Course;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Many people into a course at once: first it is said what will happen, then it happens. */
final class PeopleListController extends Controller
{
    public function create(Course $course): View
    {
        return $this->page($course, '', []);
    }

    public function store(PeopleListRequest $request, Course $course): View|RedirectResponse
    {
        $people = PeopleList::read($request->text(), $course);
        if (! $request->boolean('sure')) {
            return $this->page($course, $request->text(), $people);
        }
        $count = PeopleList::invite($people, $course);

        return redirect()->route('courses.members', $course)->with(
            $count > 0 ? 'done' : 'problem',
            $count > 0
                ? sprintf('%d %s invited.', $count, $count === 1 ? 'person is' : 'people are')
                : 'Nobody was invited.',
        );
    }

    /** @param  list<ListedPerson>  $people */
    private function page(Course $course, string $text, array $people): View
    {
        return view('courses.people', [
            'course' => $course,
            'text' => $text,
            'people' => $people,
            'invited' => count(array_filter($people, fn (ListedPerson $one): bool => $one->problem === null)),
            'hasMail' => Letterbox::mailArrives(),
        ]);
    }
}
