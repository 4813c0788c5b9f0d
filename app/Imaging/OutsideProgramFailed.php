<?php

declare(strict_types=1);

namespace App\Imaging;

use RuntimeException;

/** An outside program did not do what it was asked. */
final class OutsideProgramFailed extends RuntimeException
{
}
