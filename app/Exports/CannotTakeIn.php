<?php

declare(strict_types=1);

namespace App\Exports;

use RuntimeException;

/** A course archive that cannot be taken in; nothing of it was kept. */
final class CannotTakeIn extends RuntimeException
{
}
