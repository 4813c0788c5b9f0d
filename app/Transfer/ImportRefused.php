<?php

declare(strict_types=1);

namespace App\Transfer;

use RuntimeException;

/** A course archive that cannot be taken in; nothing of it was kept. */
final class ImportRefused extends RuntimeException
{
}
