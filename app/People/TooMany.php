<?php

declare(strict_types=1);

namespace App\People;

use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Tried too often in vain: so many seconds are to be waited. */
final class TooMany extends TooManyRequestsHttpException
{
    public function __construct(int $seconds)
    {
        $wait = $seconds > 90 ? 'in '.(int) ceil($seconds / 60).' minutes' : "in $seconds seconds";
        parent::__construct($seconds, "Tried too often. Try again $wait.");
    }
}
