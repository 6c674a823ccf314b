<?php

declare(strict_types=1);

namespace App\People;

/** What an action asks of whoever does it. */
enum Rule
{
    /** To read, and to compute: nothing is written. */
    case Look;
    /** To write something down, or undo it. */
    case Record;
    /** To decide who is at the bench. */
    case Own;
    /** What is one's own alone, whatever the role: preferences, signing out. */
    case Self;
    /** One's account: a phone that is merely paired may not. */
    case Account;
}
