<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The air of the shop, taken in by somebody with a logger's file. */
final class SeasonTest extends BrowserTestCase
{
    private function give(string $text): void
    {
        $file = sys_get_temp_dir().'/shed-'.bin2hex(random_bytes(4)).'.csv';
        file_put_contents($file, $text);
        $this->sees("//input[@type = 'file']")->sendKeys($file);
        // The page reads it when it comes to it, on a loaded machine later than this.
        register_shutdown_function(static fn () => unlink($file));
    }

    public function test_a_log_in_fahrenheit_is_asked_about_taken_in_and_undone(): void
    {
        $this->open('/true/season');
        $this->give(
            "time,temp,rh\n".
                implode(
                    "\n",
                    array_map(
                        static fn (int $hour): string => gmdate('Y-m-d H:i', 1_500_000_000 + 3600 * $hour).
                            ','.
                            (50 + ($hour % 20)).
                            ',70',
                        range(0, 199),
                    ),
                ),
        );
        $this->seesText('Are they °F?');
        $this->sees("//button[contains(., 'Import 200 lines') and @disabled]");
        $this->press('Yes, they are °F');
        $this->seesText('2017-07-14 02:40: 10.0 °C, 70 %');
        $this->press('Import 200 lines');
        $this->seesText('Imported 200 lines of the climate from shed-');
        $this->seesText('200 readings from 14 July 2017');
        $this->seesText('Nothing is known from 22 July 2017');
        $this->press('Remove these');
        $this->seesText('Took 200 readings from 14 July 2017 out of the log of the air.');
    }

    public function test_a_year_shows_how_far_it_is_and_can_be_left(): void
    {
        $this->open('/true/season');
        $this->give(
            "time,temperature,humidity\n".
                implode(
                    "\n",
                    array_map(
                        static fn (int $hour): string => gmdate('Y-m-d H:i', 1_400_000_000 + 3600 * $hour).
                            ',8.5,'.
                            (60 + ($hour % 30)),
                        range(0, 8759),
                    ),
                ),
        );
        $this->seesText('Import 8760 lines');
        $this->press('Leave it');
        $this->seesNoMore('Import 8760 lines');
    }

    public function test_the_air_now_and_the_wood_of_a_reference(): void
    {
        $this->open('/true/season');
        $this->type('Temperature', '68');
        $this->type('Humidity', '70');
        $this->press('Write it down');
        $this->seesText('Is that °F? It would be 20 °C.');
        $this->type('Temperature', '6');
        $this->press('Write it down');
        $this->seesText('The shop’s air: 6 °C and 70 %.');
        $this->sees("//summary[contains(., 'Of black cherry')]")->click();
        $this->sees("//details[@open]//label[contains(., 'Rings to the face')]");
        $this->sees('//details[@open]//input[1]')->sendKeys('0');
        $this->sees("//details[@open]//button[. = 'Save its wood']")->click();
        $this->seesText('Rings lie between 0° (flatsawn) and 90° (quartersawn).');
    }
}
