<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** A bench is carried away as a file and brought back beside itself. */
final class BringBenchTest extends BrowserTestCase
{
    public function test_a_bench_comes_out_of_its_file_and_is_taken_back(): void
    {
        $path = sys_get_temp_dir().'/jackrest-carried-'.getmypid().'.zip';
        copy(self::server()->url('/api/bench/whole.zip'), $path);
        $this->open('/benches');
        $this->give($path);
        $this->seesText('“Orchard Row” as of');
        $this->seesText('It comes as “Orchard Row 2”');
        $this->press('Bring it');
        $this->sees("//h1[. = 'Bench']");
        $this->sees("//a[. = 'Orchard Row 2']")->click();
        $this->press('Take it back');
        $this->sees("//a[. = 'Orchard Row']");
        $this->open('/benches');
        $this->sees("//li[contains(., 'You are here') and contains(., 'Orchard Row')]");
        self::assertSame([], $this->browser->findElements(WebDriverBy::xpath("//li[contains(., 'Orchard Row 2')]")));
        file_put_contents($path, 'no zip');
        $this->give($path);
        $this->seesText('is no file of a bench.');
        unlink($path);
    }

    private function give(string $path): void
    {
        $this->browser->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($path);
    }
}
