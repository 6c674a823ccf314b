<?php

declare(strict_types=1);

namespace JackRest\Core;

/** What stands behind a number. */
enum Basis: string
{
    case Published = 'published';
    case CommonPractice = 'common-practice';
    case FromMemory = 'from-memory';
    case Model = 'model';
}
