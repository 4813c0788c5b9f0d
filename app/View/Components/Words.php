<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Wording\Glossary;
use Illuminate\Support\HtmlString;
use Illuminate\View\Component;

/** A text with the words of the trade in it leading to what they mean. */
final class Words extends Component
{
    public function __construct(private readonly Glossary $glossary, private readonly ?string $of)
    {
    }

    public function render(): HtmlString
    {
        return $this->glossary->mark($this->of ?? '');
    }
}
