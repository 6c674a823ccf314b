<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\TestWith;

/** An address that the front end has no page for is not found, whatever it shows. */
final class AddressesTest extends HttpTestCase
{
    #[TestWith(['/'])]
    #[TestWith(['/kit'])]
    #[TestWith(['/kit/'])]
    #[TestWith(['/kit/ladder'])]
    #[TestWith(['/kit/tools/3'])]
    #[TestWith(['/edges/saws'])]
    #[TestWith(['/edges/saws/3'])]
    #[TestWith(['/edges/3/diary'])]
    #[TestWith(['/true/plans/mallet'])]
    public function test_a_page_there_is(string $address): void
    {
        $this->get($address)->assertOk()->assertSee('<div id="app">', false);
    }

    #[TestWith(['/kitt'])]
    #[TestWith(['/kit/tools'])]
    #[TestWith(['/kit/tools/3/4'])]
    #[TestWith(['/edges/3/4/diary'])]
    #[TestWith(['/wp-login.php'])]
    public function test_a_page_there_is_not(string $address): void
    {
        $this->get($address)->assertNotFound()->assertSee('<div id="app">', false);
    }
}
