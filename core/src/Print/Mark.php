<?php

declare(strict_types=1);

namespace JackRest\Core\Print;

/** Something printed at true size. */
interface Mark
{
}
