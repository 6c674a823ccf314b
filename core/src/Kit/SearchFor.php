<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** What a {@see CoverSearch} is after. */
enum SearchFor
{
    case Cheapest;
    case Any;
}
