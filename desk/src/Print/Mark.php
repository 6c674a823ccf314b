<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** Something printed at true size. */
interface Mark
{
}
