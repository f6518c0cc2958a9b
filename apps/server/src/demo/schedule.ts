/** The cable schedule of the Skerry Holm ferry terminal, as its planner wrote it. */
export const SCHEDULE = `label,from,to,cable,near connector,far connector,scheme,length,route,note
K01,C1/A/01,Ticket kiosk 1,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,26.5 m,Tray T1 @ 3.5 m | Ticket hall riser @ 19.5 m | Floor box 1 @ 25 m,
K02,C1/A/02,Ticket kiosk 2,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,29 m,Tray T1 @ 3.5 m | Ticket hall riser @ 22 m | Floor box 2 @ 27.5 m,
K03,C1/A/03,Ticket kiosk 3,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,31.5 m,Tray T1 @ 3.5 m | Ticket hall riser @ 24.5 m | Floor box 3 @ 30 m,
K04,C1/A/04,Ticket kiosk 4,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,34 m,Tray T1 @ 3.5 m | Ticket hall riser @ 27 m | Floor box 4 @ 32.5 m,
K05,C1/A/05,Ticket kiosk 5,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,36.5 m,Tray T1 @ 3.5 m | Ticket hall riser @ 29.5 m | Floor box 5 @ 35 m,
K06,C1/A/06,Ticket kiosk 6,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,39 m,Tray T1 @ 3.5 m | Ticket hall riser @ 32 m | Floor box 6 @ 37.5 m,
K07,C1/A/07,Ticket kiosk 7,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,41.5 m,Tray T1 @ 3.5 m | Ticket hall riser @ 34.5 m | Floor box 7 @ 40 m,
K08,C1/A/08,Ticket kiosk 8,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,44 m,Tray T1 @ 3.5 m | Ticket hall riser @ 37 m | Floor box 8 @ 42.5 m,
AP01,C1/B/01,"Access point 1, ticket hall",Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,35 m,Tray T1 @ 3.5 m | Ceiling void east @ 19.2 m,
AP02,C1/B/02,"Access point 2, ticket hall",Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,39 m,Tray T1 @ 3.5 m | Ceiling void east @ 21.5 m,
AP03,C1/B/03,"Access point 3, waiting room",Cat 6A U/UTP solid,"Keystone jack, punch-down","8P8C plug, large entry",T568B,43 m,Tray T1 @ 3.5 m | Ceiling void east @ 23.7 m,
AP04,C1/B/04,"Access point 4, waiting room",Cat 6A U/UTP solid,"Keystone jack, punch-down","8P8C plug, large entry",T568B,47 m,Tray T1 @ 3.5 m | Ceiling void east @ 25.9 m,
AP05,C1/B/05,"Access point 5, upper deck corridor",Cat 6A U/UTP solid,"Keystone jack, punch-down","8P8C plug, large entry",T568B,51 m,Tray T1 @ 3.5 m | Ceiling void east @ 28.1 m,
AP06,C1/B/06,"Access point 6, staff room",Cat 6A U/UTP solid,"Keystone jack, punch-down","8P8C plug, large entry",T568B,55 m,Tray T1 @ 3.5 m | Ceiling void east @ 30.3 m | Slack coil 6 @ 49.5 m + 3 m,
AP07,C1/B/07,"Access point 7, luggage store",Cat 6A U/UTP solid,"Keystone jack, punch-down","8P8C plug, large entry",T568B,59 m,Tray T1 @ 3.5 m | Ceiling void east @ 32.5 m,
DB01,C1/C/01,Departure board 1,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,34 m,Tray T1 @ 3.5 m | Waiting-room wall @ 17.0 m | Board post 1 @ 31 m,
DB02,C1/C/02,Departure board 2,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,40 m,Tray T1 @ 3.5 m | Waiting-room wall @ 20.0 m | Board post 2 @ 37 m,
DB03,C1/C/03,Departure board 3,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,46 m,Tray T1 @ 3.5 m | Waiting-room wall @ 23.0 m | Board post 3 @ 43 m,
DB04,C1/C/04,Departure board 4,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,52 m,Tray T1 @ 3.5 m | Waiting-room wall @ 26.0 m | Board post 4 @ 49 m,
DB05,C1/C/05,Departure board 5,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,58 m,Tray T1 @ 3.5 m | Waiting-room wall @ 29.0 m | Board post 5 @ 55 m,
TO01,C1/D/01,Ticket office desk 1,Cat 5e U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568A,13.8 m,Partition wall @ 8.3 m,Existing plant in the office is T568A
TO02,C1/D/02,Ticket office desk 2,Cat 5e U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568A,15.6 m,Partition wall @ 9.4 m,Existing plant in the office is T568A
TO03,C1/D/03,Ticket office desk 3,Cat 5e U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568A,17.4 m,Partition wall @ 10.4 m,Existing plant in the office is T568A
TO04,C1/D/04,Ticket office desk 4,Cat 5e U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568A,19.2 m,Partition wall @ 11.5 m,Existing plant in the office is T568A
TO05,C1/D/05,Ticket office desk 5,Cat 5e U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568A,21.0 m,Partition wall @ 12.6 m,Existing plant in the office is T568A
TO06,C1/D/06,Ticket office desk 6,Cat 5e U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568A,22.8 m,Partition wall @ 13.7 m,Existing plant in the office is T568A
CT01,C1/E/01,Passenger counter 1,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,49 m,Tray T1 @ 3.5 m | Gangway duct @ 37 m,
CT02,C1/E/02,Passenger counter 2,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,54 m,Tray T1 @ 3.5 m | Gangway duct @ 42 m,
CT03,C1/E/03,Passenger counter 3,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,59 m,Tray T1 @ 3.5 m | Gangway duct @ 47 m,
UP01,C1/U/01,G2/U/01,Cat 6A F/UTP solid,"Keystone jack, punch-down, shielded","Keystone jack, punch-down, shielded",T568B,68 m,Tray T1 @ 3.5 m | Yard duct west @ 14 m | Yard duct east @ 52 m,
UP02,C1/U/02,G2/U/02,Cat 6A F/UTP solid,"Keystone jack, punch-down, shielded","Keystone jack, punch-down, shielded",T568B,68 m,Tray T1 @ 3.5 m | Yard duct west @ 14 m | Yard duct east @ 52 m,Spare of UP01
UP03,C1/U/03,L3/U/01,Cat 6A F/UTP solid,"Keystone jack, punch-down, shielded","Keystone jack, punch-down, shielded",T568B,87.5 m,Tray T1 @ 3.5 m | Quay duct @ 22 m | Linkspan chase @ 79 m,
UP04,C1/U/04,L3/U/02,Cat 6A F/UTP solid,"Keystone jack, punch-down, shielded","Keystone jack, punch-down, shielded",T568B,87.5 m,Tray T1 @ 3.5 m | Quay duct @ 22 m | Linkspan chase @ 79 m,Spare of UP03
GR01,G2/A/01,Gate reader 1,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,12.2 m,Gate island duct @ 8.5 m,
GR02,G2/A/02,Gate reader 2,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,15.4 m,Gate island duct @ 10.8 m,
GR03,G2/A/03,Gate reader 3,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,18.6 m,Gate island duct @ 13.0 m,
GR04,G2/A/04,Gate reader 4,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,21.8 m,Gate island duct @ 15.3 m,
GR05,G2/A/05,Gate reader 5,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,25.0 m,Gate island duct @ 17.5 m,
GR06,G2/A/06,Gate reader 6,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,28.2 m,Gate island duct @ 19.7 m,
GR07,G2/A/07,Gate reader 7,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,31.4 m,Gate island duct @ 22.0 m,
GR08,G2/A/08,Gate reader 8,Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,34.6 m,Gate island duct @ 24.2 m,
GD01,G2/B/01,Gatehouse desk 1,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,7.5 m,,
GD02,G2/B/02,Gatehouse desk 2,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,9 m,,
GD03,G2/B/03,Gatehouse desk 3,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,10.5 m,,
GX01,G2/B/11,Barrier controller,Cat 5e U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568A/T568B,7.5 m,,Controller wants a crossover
AP08,G2/B/12,"Access point 8, gate canopy",Cat 6 U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,41 ft,Canopy post @ 30 ft,
LS01,L3/A/01,Linkspan console 1,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,14.4 m,Linkspan chase @ 6.5 m,
LS02,L3/A/02,Linkspan console 2,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,18.8 m,Linkspan chase @ 8.5 m,
LS03,L3/A/03,Linkspan console 3,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,23.2 m,Linkspan chase @ 10.4 m,
LS04,L3/A/04,Linkspan console 4,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,27.6 m,Linkspan chase @ 12.4 m,
LS05,L3/A/05,Linkspan console 5,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,32.0 m,Linkspan chase @ 14.4 m,
LS06,L3/A/06,Linkspan console 6,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","8P8C plug, shielded",T568B,36.4 m,Linkspan chase @ 16.4 m,
TG01,L3/B/01,Tide gauge cabinet,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","Keystone jack, punch-down, shielded",T568B,36 m,Pile bracket @ 30 m,
WM01,L3/B/02,Weather mast foot,Cat 6 F/UTP solid,"Keystone jack, punch-down, shielded","Keystone jack, punch-down, shielded",T568B,52 m,Linkspan chase @ 9 m | Mast duct @ 40 m,
AP09,L3/B/03,"Access point 9, linkspan",Cat 6A U/UTP solid,"Keystone jack, punch-down",8P8C plug,T568B,26 m,,Plug as first ordered
DB06,L3/B/04,Departure board 6,Cat 6 U/UTP solid,"Keystone jack, punch-down","Keystone jack, punch-down",T568B,33 m,Linkspan chase @ 12 m,
QC01,C1/F/01,Quay camera 1,"Cat 6 U/UTP solid, outdoor","Patch panel port, punch-down","8P8C plug, large entry",T568B,61 m,Tray T1 @ 3.5 m | Quay duct @ 22 m | Lamp post 4 @ 55 m,Port of panel F
QC02,C1/F/02,Quay camera 2,"Cat 6 F/UTP solid, direct burial","Keystone jack, tool-less, shielded","8P8C plug, outdoor, shielded",T568B,74 m,Tray T1 @ 3.5 m | Quay trench @ 19 m | Lamp post 6 @ 68 m,Trench under the parking lanes
SR01,C1/R/01,Server shelf,Cat 6A S/FTP solid,"Keystone jack, tool-less, shielded","Keystone jack, tool-less, shielded",T568B,11 m,Tray T2 @ 2 m,
PC05,C1/cord 5,Patch field A,Cat 5e U/UTP stranded,"8P8C plug, pass-through","8P8C plug, pass-through",T568B,3 m,,Trial of pass-through plugs
PC01,C1/cord 1,Patch field A,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,3 m,,
PC02,C1/cord 2,Patch field A,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,3 m,,
PC03,C1/cord 3,Patch field A,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,3 m,,
PC04,C1/cord 4,Patch field A,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,3 m,,
PC06,C1/cord 6,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC07,C1/cord 7,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC08,C1/cord 8,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC09,C1/cord 9,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC10,C1/cord 10,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC11,C1/cord 11,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC12,C1/cord 12,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC13,C1/cord 13,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC14,C1/cord 14,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC15,C1/cord 15,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC16,C1/cord 16,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
PC17,C1/cord 17,Patch field B,Cat 5e U/UTP stranded,8P8C plug,8P8C plug,T568B,2 m,,
VR01,C1/H/01,"Roof mast, marine radio","RG-213, 50 ohm","N plug, crimp, 50 ohm, for RG-213","N plug, crimp, 50 ohm, for RG-213",,24 m,Roof gland @ 6 m | Mast clamp 2 @ 15 m,Runs outdoors; surge arrester at the gland
AI01,C1/H/02,"Roof mast, ship tracking","RG-8X, 50 ohm","BNC plug, crimp, 50 ohm, for RG-8X","N plug, crimp, 50 ohm, for RG-8X",,18 m,Roof gland @ 6 m,
TV01,C1/V/01,"Waiting room, screen 1","RG-6, 75 ohm","F plug, compression, for RG-6","F plug, compression, for RG-6",,22 m,Tray T1 @ 3.5 m | Waiting-room wall @ 17 m,
TV02,C1/V/02,"Waiting room, screen 2","RG-6, 75 ohm","F plug, compression, for RG-6","F plug, screw-on, for RG-6",,26.5 m,Tray T1 @ 3.5 m | Waiting-room wall @ 20 m,Screw-on plug left by the supplier
TB01,C1/T/01,G2/T/01,"Telephone, 25 pair",25-pair block,25-pair block,,72 m,Tray T1 @ 3.5 m | Yard duct west @ 16 m,Tie cable
TL01,C1/T/02,Ticket office line,"Telephone, 2 pair",25-pair block,"Telephone socket, secondary",,14 m,Partition wall @ 8.3 m,
TL02,C1/T/03,Help point at the gangway,"Telephone, 2 pair, outdoor",25-pair block,"Telephone socket, extension",,41 m,Gangway duct @ 30 m,
TL03,C1/T/04,Lift car telephone,"Telephone, 3 pair",25-pair block,"Telephone socket, master",,27 m,Lift shaft @ 12 m,
TC01,C1/cord 10,Ticket office handset,"Flat telephone cord, 4 cores",6P4C plug,6P4C plug,,3 m,,
TG02,L3/S/01,Tide gauge logger,"Multi-core screened, 9 cores","D-sub 9 socket, soldered","Pigtail, solder sleeves",,8 m,Pile bracket @ 5 m,Serial data
WM02,L3/S/02,Weather mast logger,"Multi-core screened, 4 cores","D-sub 9 plug, soldered","Mini-DIN 6 plug, soldered",,2.5 m,,Serial data
DC01,C1/S/01,Departure-board console,"Ribbon, 9 cores","D-sub 9 plug, press-on for ribbon","D-sub 9 socket, press-on for ribbon",,0.4 m,,
PN01,C1/S/02,"Passenger counter, service port",USB 2.0,"Pin-header plug, 1 x 4","Improvised contact plug, 4 pads",,0.5 m,,Service lead
GA01,G2/S/01,"Barrier arm, contact strip","Alarm, 4 cores","Inline splice, soldered","Inline splice, twisted",,6 m,,Two old joints
LT01,C1/bench,Bench tester,Cat 5e U/UTP stranded,Pair-lamp loop tester (a build),8P8C plug,T568B,1 m,,Built to learn what it can’t see
XC01,C1/cord 9,Console port,Cat 6 U/UTP stranded,8P8C plug,8P8C plug,T568A/T568B,10 ft,,Crossover cord for the console
`;
