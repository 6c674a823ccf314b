// An address as a code that a phone's camera reads off the terminal.
import { toString } from 'qrcode'

const text = process.argv[2]
if (text) console.log(await toString(text, { type: 'terminal', small: true, errorCorrectionLevel: 'M' }))
