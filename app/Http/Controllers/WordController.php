<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Wording\Glossary;
use Illuminate\View\View;

/** The glossary: as a page, and one word of it where it is met. */
final class WordController extends Controller
{
    public function index(): View
    {
        return view('words.index', ['terms' => Glossary::all()]);
    }

    public function show(string $term): View
    {
        return view('words.term', ['term' => Glossary::find($term) ?? abort(404)]);
    }
}
