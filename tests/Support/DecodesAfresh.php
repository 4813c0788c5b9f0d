<?php

declare(strict_types=1);

namespace Tests\Support;

use Attribute;

/** On a test that is about reading and decoding files: nothing that another test kept is handed to it. */
#[Attribute(Attribute::TARGET_CLASS)]
final class DecodesAfresh
{
}
